import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import { queries } from "../api/queries";
import { Message } from "../ui/Message";

const RUNS = 100;

interface Found {
  id: string;
  title: string;
  findings: string[];
}

/** What made-up runs of every workout show, beside the checks: it is played when it is asked for, and blocks nothing. */
export function FromTheDryRun({ cid, workouts }: { cid: string; workouts: { id: string; title: string }[] }) {
  const client = useQueryClient();
  const [found, setFound] = useState<Found[]>([]);
  const [at, setAt] = useState<number | null>(null);
  const [failed, setFailed] = useState<unknown>(null);
  const stop = useRef<AbortController | null>(null);
  useEffect(() => () => stop.current?.abort(), []);
  const play = async () => {
    const mine = (stop.current = new AbortController());
    setFound([]);
    setFailed(null);
    try {
      for (const [n, w] of workouts.entries()) {
        setAt(n);
        const stored = await client.fetchQuery(queries.workout(w.id));
        const playable = await client.fetchQuery(queries.playable(cid, stored));
        if (playable.objection) continue;
        const usual = await client.fetchQuery(queries.usual(cid, stored.body, playable.entries, RUNS, [], mine.signal));
        if (mine.signal.aborted) return;
        if (usual.findings.length > 0) setFound((f) => [...f, { ...w, findings: usual.findings }]);
      }
      setAt(workouts.length);
    } catch (e) {
      if (!mine.signal.aborted) {
        setFailed(e);
        setAt(null);
      }
    }
  };
  if (workouts.length === 0) return null;
  const playing = at !== null && at < workouts.length;
  return (
    <section aria-label="From the dry run" className="mt-6">
      <div className="section-head">
        <h2>From the dry run</h2>
        <button className="act" disabled={playing} onClick={() => void play()}>
          {at === null ? "Play every workout" : playing ? `Playing ${at + 1} of ${workouts.length}` : "Play them again"}
        </button>
      </div>
      <p className="mt-1 text-soft">
        {RUNS} made-up runs of each entry. Paces are estimates and a run is no athlete: what stands here blocks nothing.
      </p>
      {failed !== null && <Message error={failed} />}
      {at === workouts.length && found.length === 0 && <p role="status">Nothing stands out in any workout.</p>}
      {found.length > 0 && (
        <table className="ruled">
          <tbody>
            {found.map((w) => (
              <tr key={w.id}>
                <th scope="row" className="w-52">
                  <Link className="under" to={`/c/${cid}/dry-run/${w.id}`}>
                    <bdi>{w.title || "Untitled"}</bdi>
                  </Link>
                </th>
                <td>
                  {w.findings.map((f) => (
                    <p key={f}>{f}</p>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
