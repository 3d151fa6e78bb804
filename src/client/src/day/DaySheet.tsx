import { Fragment, useState } from "react";
import type { Schemas } from "../api/client";
import { byId, entryName, groupsOf } from "./names";
import { dayOf, dayWords, hour, minutes } from "./localTime";
import type { Heat } from "./usePlan";

const said: Record<Schemas["HeatState"], string> = { Planned: "", Called: "called", Run: "run" };

/** A heat as its button reads. */
const called = (h: Heat) =>
  [hour(h.starts), "heat", h.number, h.fixed ? "fixed" : "", said[h.state]].filter((word) => word !== "").join(" ");

/** A day at a glance: time runs down, lanes stand side by side, each with who runs and before whom. */
export function DaySheet({
  shown,
  day,
  entries,
  officials,
  open,
  edit,
}: {
  shown: Schemas["PlanShown"];
  day: string;
  entries: readonly Schemas["StoredEntry"][];
  officials: readonly Schemas["Official"][];
  open: (heat: string) => void;
  edit: ((edit: Schemas["EditPlan"]["edit"]) => void) | undefined;
}) {
  const who = byId(entries, officials);
  const [dragged, setDragged] = useState<{ heat: Heat; lane: number; entry: string } | null>(null);
  const heats = shown.plan.heats.filter((h) => dayOf(h.starts) === day);
  const session = (id: string) => shown.plan.sessions.find((s) => s.id === id)!;
  const title = (id: string) => shown.workouts.find((w) => w.id === session(id).workout)?.title ?? "a workout that is gone";
  const lanes = Math.max(0, ...heats.map((h) => Math.max(session(h.session).lanes, ...h.lanes.map((l) => l.lane))));
  const troubled = new Set(shown.breaches.flatMap((b) => (b.heat ? [`${b.heat}/${b.lane ?? ""}`] : [])));
  const floors = new Set(heats.map((h) => session(h.session).floor)).size;
  if (heats.length === 0) return <p className="mt-6">No heats on {dayWords(day)} yet.</p>;
  const drop = (heat: Heat, lane: number) => {
    if (!dragged || !edit || dragged.heat.session !== heat.session) return;
    edit(
      heat.lanes.some((l) => l.lane === lane)
        ? { kind: "swap", heat: dragged.heat.id, lane: dragged.lane, with: heat.id, withLane: lane }
        : { kind: "moveTo", entry: dragged.entry, heat: heat.id, lane },
    );
    setDragged(null);
  };
  return (
    <section aria-label={dayWords(day)} className="mt-4">
      <h2 className="hidden print:block">{dayWords(day)}</h2>
      <div className="goes-on overflow-x-auto" tabIndex={0} role="region" aria-label={`Heats of ${dayWords(day)}`}>
        <table className="ruled min-w-[62rem] text-[0.87rem] leading-tight print:min-w-0">
          <thead>
            <tr>
              <th scope="col" className="w-44">
                Heat
              </th>
              {Array.from({ length: lanes }, (_, i) => (
                <th key={i} scope="col">
                  Lane {i + 1}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {heats.map((h, i) => {
              const s = session(h.session);
              const first = i === 0 || heats[i - 1]!.session !== h.session;
              return (
                <Fragment key={h.id}>
                  {first && (
                    <tr>
                      <th scope="colgroup" colSpan={lanes + 1} className="!border-ink !pt-4 text-[1.02rem]">
                        <bdi>{title(h.session)}</bdi>{" "}
                        <span className="font-normal text-soft">
                          from {hour(s.starts)}
                          {floors > 1 && (
                            <>
                              , <bdi>{s.floor}</bdi>
                            </>
                          )}
                        </span>
                      </th>
                    </tr>
                  )}
                  <tr className={h.state === "Run" ? "text-soft" : ""}>
                    <th scope="row" className="font-normal">
                      <button
                        className="act block !font-normal !text-ink"
                        onClick={() => open(h.id)}
                        aria-label={`${called(h)}, ${title(h.session)}`}
                      >
                        <span className="mono text-[1.05rem] font-bold">{hour(h.starts)}</span> heat {h.number}
                        {h.fixed && <b className="text-spruce"> fixed</b>}
                        {said[h.state] && <b> {said[h.state]}</b>}
                      </button>
                      <span className="block text-soft">
                        <bdi>{groupsOf(h.lanes.map((l) => who.entry(l.entry))).join(", ")}</bdi>
                      </span>
                      <span className="block text-soft">
                        {minutes(h.seconds)}
                        {h.callUp > 0 && `, ${minutes(h.callUp)} call-up`}
                        {h.reset > 0 && `, ${minutes(h.reset)} plates`}
                      </span>
                      {troubled.has(`${h.id}/`) && <b className="text-ochre">see above</b>}
                    </th>
                    {Array.from({ length: lanes }, (_, at) => {
                      const l = h.lanes.find((x) => x.lane === at + 1);
                      const movable = edit && h.state === "Planned";
                      return (
                        <td
                          key={at}
                          className={dragged && dragged.heat.session === h.session && movable ? "bg-sheet" : ""}
                          onDragOver={(e) => movable && dragged?.heat.session === h.session && e.preventDefault()}
                          onDrop={() => drop(h, at + 1)}
                        >
                          {l && (
                            <div
                              draggable={!!movable}
                              onDragStart={() => setDragged({ heat: h, lane: l.lane, entry: l.entry })}
                              onDragEnd={() => setDragged(null)}
                              className={movable ? "cursor-grab" : ""}
                            >
                              <span className="font-semibold">
                                <span className="mono text-soft">{who.entry(l.entry)?.bib}</span> <bdi>{entryName(who.entry(l.entry))}</bdi>
                                {l.fixed && <span className="text-spruce"> fixed</span>}
                              </span>
                              <span className="block text-soft">
                                {l.judges.map((j, p) => (
                                  <span key={p} className="block">
                                    {j ? <bdi>{who.judge(j)}</bdi> : <b className="text-ochre">no judge</b>}
                                  </span>
                                ))}
                              </span>
                              {l.judges.every((j) => j) && troubled.has(`${h.id}/${l.lane}`) && <b className="text-ochre">see above</b>}
                            </div>
                          )}
                        </td>
                      );
                    })}
                  </tr>
                </Fragment>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}
