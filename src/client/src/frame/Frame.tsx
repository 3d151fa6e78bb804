import { Suspense, useEffect, useState } from "react";
import { Outlet, useNavigate, useParams } from "react-router";
import { useCompetition } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { Keys } from "./Keys";
import { Palette } from "./Palette";
import { RouteList } from "./RouteList";
import { useShortcuts } from "./shortcuts";

/** The frame: the route on the left, the sheet beside it. Pages bring their own margin. */
export function Frame() {
  const { cid = "" } = useParams();
  const competition = useCompetition(cid);
  const [palette, setPalette] = useState(false);
  const [keys, setKeys] = useState(false);
  const go = useNavigate();
  useShortcuts({
    go: (to) => void go(`/c/${cid}/${to}`),
    palette: () => setPalette(true),
    keys: () => setKeys(true),
  });
  useEffect(() => {
    document.title = competition.data ? `${competition.data.competition.name} · Fair Compass` : "Fair Compass";
  }, [competition.data]);
  if (competition.isPending) return <Loading what="the competition" />;
  if (competition.isError)
    return (
      <main className="p-8">
        <Message error={competition.error} retry={() => void competition.refetch()} />
      </main>
    );
  return (
    <div className="min-h-screen md:grid md:grid-cols-[212px_minmax(0,1fr)] print:block">
      <a href="#sheet" className="off-paper sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2">
        To the sheet
      </a>
      <RouteList cid={cid} competition={competition.data} openPalette={() => setPalette(true)} openKeys={() => setKeys(true)} />
      <div id="sheet" className="min-w-0">
        <Suspense fallback={<Loading what="the page" />}>
          <Outlet />
        </Suspense>
      </div>
      {palette && <Palette cid={cid} onClose={() => setPalette(false)} />}
      <Keys open={keys} onClose={() => setKeys(false)} />
    </div>
  );
}
