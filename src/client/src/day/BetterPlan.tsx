import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, asJson, type Refused } from "../api/client";
import { changed, queries } from "../api/queries";
import { Message } from "../ui/Message";
import type { usePlan } from "./usePlan";

const span = (minutes: number) => `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, "0")} min`;
const open = (posts: number) => (posts === 0 ? "a judge at every post" : `${posts} ${posts === 1 ? "post" : "posts"} without a judge`);

/** A better plan, sought for about a minute while everybody works on: what it would give, what nobody can keep to, and taking it. */
export function BetterPlan({ cid, revision, plan }: { cid: string; revision: number; plan: ReturnType<typeof usePlan> }) {
  const found = useQuery(queries.planSearch(cid));
  const [failed, setFailed] = useState<Refused | null>(null);
  const search = found.data;
  if (!search) return null;
  const send = (work: Promise<unknown>) => {
    setFailed(null);
    work.catch((e: unknown) => setFailed(e as Refused)).finally(() => void changed.planSearch(cid));
  };
  const params = { path: { id: cid } };
  const { first, best } = search;
  const isOld = search.baseRevision !== revision;
  const isBetter = !isOld && !!search.difference?.words.length;
  const begin = () => send(ask(api.POST("/api/competitions/{id}/plan/search", { params, body: { baseRevision: revision } })));
  return (
    <section className="mt-3 border-y border-rule py-2" aria-label="A better plan">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        {search.isRunning ? (
          <>
            <b role="status">Seeking a better plan, {search.seconds} s …</b>
            <button className="act" onClick={() => send(ask(api.POST("/api/competitions/{id}/plan/search/stop", { params, ...asJson })))}>
              That will do
            </button>
          </>
        ) : (
          <button className="press-plain" onClick={begin}>
            Seek a better plan
          </button>
        )}
        <span className="text-soft">
          {search.baseRevision === 0
            ? "Shorter days, and judges who can be compared with more of the others; about a minute. What is fixed, called or run stays."
            : search.isBroken
              ? "The last search was broken off."
              : ""}
        </span>
      </div>
      {failed && (
        <div className="mt-2">
          <Message error={failed} />
        </div>
      )}
      {first && best && (search.isRunning || isBetter) && (
        <>
          <table className="ruled mt-2 max-w-3xl">
            <thead>
              <tr>
                <th scope="col">Plan</th>
                <th scope="col">Days together</th>
                <th scope="col">Judges</th>
                <th scope="col">Pairs linked</th>
                <th scope="col">Heats a judge</th>
                <th scope="col">In one lane at most</th>
              </tr>
            </thead>
            <tbody>
              {(
                [
                  ["at once", first],
                  ["best found", best],
                ] as const
              ).map(([words, w]) => (
                <tr key={words}>
                  <th scope="row" className="font-normal">
                    {words}
                  </th>
                  <td className="mono">{span(w.minutes)}</td>
                  <td>{open(w.open)}</td>
                  <td>
                    {w.linking.linked} of {w.linking.pairs}
                  </td>
                  <td>
                    {w.spread.least} to {w.spread.most}
                  </td>
                  <td>{w.spread.inOneLane === 1 ? "once" : `${w.spread.inOneLane} times`}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {search.atLeast !== null && (
            <p className="mt-1 text-soft">
              {search.atLeast === best.minutes
                ? "No order of these heats makes the days shorter."
                : `No order of these heats takes less than ${span(search.atLeast)}.`}
            </p>
          )}
        </>
      )}
      {search.conflicts && search.conflicts.length > 0 && !isOld && (
        <div className="mt-2">
          <h2 className="text-base">What no plan can keep to</h2>
          <ul>
            {search.conflicts.map((c) => (
              <li key={c.sentence} className="mt-1">
                <bdi>{c.sentence}</bdi>
                {c.rules.length > 0 && (
                  <ul className="ml-5 list-disc text-soft">
                    {c.rules.map((r) => (
                      <li key={r}>
                        <bdi>{r}</bdi>
                      </li>
                    ))}
                  </ul>
                )}
              </li>
            ))}
          </ul>
          <p className="text-soft">Give up one rule of a line, and the others may do.</p>
        </div>
      )}
      {!search.isRunning && best && !isOld && (
        <p className="mt-2">
          {isBetter ? (
            <>
              <button
                className="press"
                disabled={!!plan.busy}
                onClick={() => void plan.make("Found", "Taking the plan").then(() => changed.planSearch(cid))}
              >
                Take the plan found
              </button>{" "}
              <span className="text-soft">
                {search.difference!.entries} {search.difference!.entries === 1 ? "entry gets" : "entries get"} another heat, lane or time,
                and {search.difference!.judges} {search.difference!.judges === 1 ? "judge" : "judges"}.
              </span>
            </>
          ) : (
            <span className="text-soft">
              No better plan was found
              {search.atLeast === best.minutes && ", and no order of these heats makes the days shorter"}: {span(best.minutes)},{" "}
              {open(best.open)}, {best.linking.linked} of {best.linking.pairs} pairs linked.
            </span>
          )}
        </p>
      )}
      {!search.isRunning && search.baseRevision > 0 && isOld && (
        <p className="mt-1 text-soft">The plan has changed since the last search; what it found is not offered any more.</p>
      )}
    </section>
  );
}
