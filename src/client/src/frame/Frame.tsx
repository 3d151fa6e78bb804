import { lazy, Suspense, useEffect, useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { Outlet, useLocation, useNavigate, useParams } from "react-router";
import { Loading, Message } from "../ui/Message";
import { Keys } from "./Keys";
import { titleOf } from "./pages";
import { RouteList } from "./RouteList";
import { useShortcuts } from "./shortcuts";

const Palette = lazy(() => import("./Palette").then((m) => ({ default: m.Palette })));

/** The frame: the route on the left, the sheet beside it. Pages bring their own margin. */
export function Frame() {
  const { cid = "" } = useParams();
  const competition = useQuery(queries.competition(cid));
  const [palette, setPalette] = useState(false);
  const [keys, setKeys] = useState(false);
  const go = useNavigate();
  useShortcuts({
    go: (to) => void go(`/c/${cid}/${to}`),
    palette: () => setPalette(true),
    keys: () => setKeys(true),
  });
  const workouts = useQuery(queries.overview(cid)).data?.workouts;
  const { pathname } = useLocation();
  const title = competition.data ? titleOf(pathname, competition.data.competition.name, workouts ?? []) : "Fair Compass";
  useEffect(() => {
    document.title = title;
  }, [title]);
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
      {palette && (
        <Suspense fallback={null}>
          <Palette cid={cid} onClose={() => setPalette(false)} />
        </Suspense>
      )}
      <Keys open={keys} onClose={() => setKeys(false)} />
    </div>
  );
}
