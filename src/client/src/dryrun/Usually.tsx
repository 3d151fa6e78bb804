import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Message } from "../ui/Message";
import { Paces, type ChangedPace } from "./Paces";
import { Spread } from "./Spread";

type Entry = Schemas["LaneOf"];

const RUNS = 500;

interface Drawn {
  entry: Entry;
  now: Schemas["Usual"];
  changed: Schemas["Usual"] | null;
}

/** What usually happens over many made-up runs of each entry; with one pace changed, old and new side by side. */
export function Usually({ cid, body, entries, paces }: { cid: string; body: string; entries: Entry[]; paces: Schemas["ExpectedPace"][] }) {
  const client = useQueryClient();
  const [pace, setPace] = useState<ChangedPace | null>(null);
  const [drawn, setDrawn] = useState<Drawn[]>([]);
  const [failed, setFailed] = useState<unknown>(null);
  useEffect(() => {
    let live = true;
    const stop = new AbortController();
    const draw = async () => {
      setFailed(null);
      setDrawn([]);
      for (const entry of entries) {
        const concerns = pace !== null && (pace.division === undefined || pace.division === entry.division);
        const [now, changed] = await Promise.all([
          client.fetchQuery(queries.usual(cid, body, [entry], RUNS, [], stop.signal)),
          concerns ? client.fetchQuery(queries.usual(cid, body, [entry], RUNS, [pace.pace], stop.signal)) : null,
        ]);
        if (!live) return;
        setDrawn((d) => [...d, { entry, now, changed }]);
      }
    };
    draw().catch((e: unknown) => {
      if (live) setFailed(e);
    });
    return () => {
      live = false;
      stop.abort();
    };
  }, [client, cid, body, entries, paces, pace]);
  const findings = [...new Set(drawn.flatMap((d) => (d.changed ?? d.now).findings))];
  const first = drawn[0]?.now;
  return (
    <>
      <p role="status" className="mt-3">
        {drawn.length < entries.length
          ? `${drawn.length} of ${entries.length} entries are played, ${RUNS} runs of each.`
          : `${RUNS} runs of each of ${entries.length} ${entries.length === 1 ? "entry" : "entries"}.`}
        {first && ` A lane needs ${first.judges} ${first.judges === 1 ? "judge" : "judges"} at the busiest moment, ${first.judgesAt}.`}
      </p>
      {drawn.length < entries.length && failed === null && (
        <progress className="block h-1.5 w-full accent-spruce" value={drawn.length} max={entries.length} aria-label="Entries played" />
      )}
      {failed !== null && <Message error={failed} />}
      {findings.length > 0 && (
        <section aria-label="From the dry run" className="mt-3">
          <h2>From the dry run</h2>
          <ul className="list-disc pl-5">
            {findings.map((f) => (
              <li key={f}>{f}</li>
            ))}
          </ul>
        </section>
      )}
      <div className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          {drawn.map((d) => (
            <section key={`${d.entry.division} ${d.entry.duty}`} className="mb-5" aria-label={`${d.entry.division} ${d.entry.duty}`}>
              {d.now.entries.map((e, i) => (
                <Spread key={e.entry} of={e} changed={d.changed?.entries[i] ?? null} runs={d.now.runs} />
              ))}
            </section>
          ))}
        </div>
        <Paces cid={cid} paces={paces} divisions={[...new Set(entries.map((e) => e.division))]} changed={pace} change={setPace} />
      </div>
    </>
  );
}
