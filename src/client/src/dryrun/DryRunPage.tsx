import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, Navigate, useParams } from "react-router";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { WorkoutChoice } from "../ui/WorkoutChoice";
import { Heat } from "./Heat";
import { Usually } from "./Usually";

/** A workout played before anybody runs it: one heat to look at, and what usually happens. */
export function DryRunPage() {
  const { cid = "", wid } = useParams();
  const overview = useQuery(queries.overview(cid));
  if (!overview.data)
    return overview.isError ? (
      <main className="p-6">
        <Message error={overview.error} />
      </main>
    ) : (
      <Loading what="the dry run" />
    );
  const workouts = overview.data.workouts;
  const first = workouts[0];
  if (!wid && first) return <Navigate to={`/c/${cid}/dry-run/${first.id}`} replace />;
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule pb-2">
        <h1>Dry run</h1>
        {wid && <WorkoutChoice workouts={workouts} chosen={wid} to={(id) => `/c/${cid}/dry-run/${id}`} />}
      </div>
      {!wid ? (
        <p>
          There is no workout to play yet.{" "}
          <Link className="act" to={`/c/${cid}/workouts`}>
            Begin one
          </Link>
        </p>
      ) : (
        <>
          <Of key={wid} cid={cid} wid={wid} />
        </>
      )}
    </main>
  );
}

function Of({ cid, wid }: { cid: string; wid: string }) {
  const stored = useQuery(queries.workout(wid));
  const playable = useQuery(queries.playable(cid, stored.data));
  const [view, setView] = useState<"heat" | "usual">("heat");
  if (stored.isError) return <Message error={stored.error} retry={() => void stored.refetch()} />;
  if (playable.isError) return <Message error={playable.error} retry={() => void playable.refetch()} />;
  if (!stored.data || !playable.data) return <Loading what="the workout" />;
  if (playable.data.objection)
    return (
      <p className="mt-4">
        {playable.data.objection}{" "}
        <Link className="act" to={`/c/${cid}/w/${wid}`}>
          Open the draft
        </Link>
      </p>
    );
  return (
    <>
      <p className="mt-2 max-w-[62rem] text-soft">
        Made up from paces that are estimates; a run is no athlete. Nothing here blocks anything or stands on a paper.
      </p>
      <div role="group" aria-label="View" className="mt-1 flex gap-5">
        {(
          [
            ["heat", "One heat"],
            ["usual", "What usually happens"],
          ] as const
        ).map(([is, words]) => (
          <button key={is} className="under" data-state={view === is ? "on" : "off"} aria-pressed={view === is} onClick={() => setView(is)}>
            {words}
          </button>
        ))}
      </div>
      {view === "heat" ? (
        <Heat cid={cid} body={stored.data.body} entries={playable.data.entries} />
      ) : (
        <Usually cid={cid} body={stored.data.body} entries={playable.data.entries} paces={playable.data.paces} />
      )}
    </>
  );
}
