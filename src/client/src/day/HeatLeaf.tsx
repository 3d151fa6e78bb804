import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { Field } from "../ui/Field";
import { Leaf } from "../ui/Leaf";
import { Message } from "../ui/Message";
import { byId, entryName } from "./names";
import { dayOf, hour } from "./localTime";
import type { Heat, usePlan } from "./usePlan";

const states: readonly [Schemas["HeatState"], string][] = [
  ["Planned", "planned"],
  ["Called", "called: its athletes stand ready"],
  ["Run", "run"],
];

/** One heat by hand: its time, who stands where, before whom. Every step can be done by keyboard; a breach is said and done. */
export function HeatLeaf({
  cid,
  shown,
  heat,
  entries,
  officials,
  plan,
  mayChange,
  onClose,
}: {
  cid: string;
  shown: Schemas["PlanShown"];
  heat: Heat;
  entries: readonly Schemas["StoredEntry"][];
  officials: readonly Schemas["Official"][];
  plan: ReturnType<typeof usePlan>;
  mayChange: boolean;
  onClose: () => void;
}) {
  const who = byId(entries, officials);
  const session = shown.plan.sessions.find((s) => s.id === heat.session)!;
  const title = shown.workouts.find((w) => w.id === session.workout)?.title ?? "";
  const [starts, setStarts] = useState(hour(heat.starts));
  const [late, setLate] = useState("10");
  const breaches = shown.breaches.filter((b) => b.heat === heat.id);
  const judges = officials.filter((o) => o.kind === "Judge");
  const open = mayChange && heat.state === "Planned";
  const others = shown.plan.heats
    .filter((h) => h.session === heat.session && h.state === "Planned")
    .flatMap((h) => h.lanes.map((l) => ({ heat: h, lane: l.lane, entry: l.entry })));
  const nobody = entries
    .map((e) => e.entry)
    .filter(
      (e) =>
        e.state !== "Withdrawn" &&
        shown.workouts.find((w) => w.id === session.workout)?.groups.some((g) => g.division === e.division) &&
        !shown.plan.heats.some((h) => h.session === heat.session && h.lanes.some((l) => l.entry === e.id)),
    );
  const closed = session.closed ?? [];
  const free = Array.from({ length: session.lanes }, (_, i) => i + 1).filter(
    (n) => !closed.includes(n) && !heat.lanes.some((l) => l.lane === n),
  );
  const refused = plan.failed;
  return (
    <Leaf
      open
      wide
      onClose={onClose}
      title={`${title}, heat ${heat.number}`}
      lead={`${hour(heat.starts)} to ${hour(heat.ends!)}, ${session.floor}`}
    >
      {mayChange && (
        <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
          {open && (
            <>
              <form
                className="flex items-end gap-2"
                onSubmit={(e) => {
                  e.preventDefault();
                  void plan.edit({ kind: "start", heat: heat.id, at: `${dayOf(heat.starts)}T${starts}:00` });
                }}
              >
                <Field label="Starts" type="time" value={starts} onChange={setStarts} error={refused?.at("at")} />
                <button className="press-plain">Set and fix</button>
              </form>
              <form
                className="flex items-end gap-2"
                onSubmit={(e) => {
                  e.preventDefault();
                  void plan.edit({ kind: "delay", heat: heat.id, minutes: Number(late) || 0 }).then((done) => done && onClose());
                }}
              >
                <Field label="Minutes late" className="w-28" value={late} onChange={setLate} error={refused?.at("minutes")} />
                <button className="press-plain">Delay, and what follows</button>
              </form>
              <label className="tick pb-1.5">
                <input
                  type="checkbox"
                  checked={heat.fixed}
                  onChange={(e) => void plan.edit({ kind: "fix", heat: heat.id, on: e.target.checked })}
                />{" "}
                time is fixed
              </label>
            </>
          )}
          <label>
            <span className="block font-semibold">This heat is</span>
            <select
              value={heat.state}
              onChange={(e) => void plan.edit({ kind: "setState", heat: heat.id, state: e.target.value as Schemas["HeatState"] })}
            >
              {states.map(([s, words]) => (
                <option key={s} value={s}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        </div>
      )}
      {refused && (refused.at("heat") ?? refused.at("lane") ?? refused.at("entry") ?? refused.at("post")) && (
        <p role="alert" className="field-error mt-2">
          {refused.at("heat") ?? refused.at("lane") ?? refused.at("entry") ?? refused.at("post")}
        </p>
      )}
      {refused && Object.keys(refused.errors).length === 0 && (
        <div className="mt-2">
          <Message error={refused} />
        </div>
      )}
      {breaches.length > 0 && (
        <ul className="mt-3 border-l-4 border-ochre bg-paper px-3 py-1">
          {breaches.map((b, i) => (
            <li key={i}>
              <bdi>{b.sentence}</bdi>
            </li>
          ))}
        </ul>
      )}
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Who stands in this heat">
        <table className={`ruled mt-3 ${open ? "min-w-[40rem]" : ""}`}>
          <thead>
            <tr>
              <th scope="col">Lane</th>
              <th scope="col">Who</th>
              <th scope="col">Judge</th>
              {open && <th scope="col">Change</th>}
            </tr>
          </thead>
          <tbody>
            {heat.lanes.map((l) => {
              const name = entryName(who.entry(l.entry));
              return (
                <tr key={l.lane}>
                  <th scope="row" className="mono">
                    {l.lane}
                  </th>
                  <td>
                    <span className="mono text-soft">{who.entry(l.entry)?.bib}</span> <bdi className="font-semibold">{name}</bdi>
                    <span className="block text-soft">
                      <bdi>{[...new Set(who.entry(l.entry)?.members.map((m) => m.gym))].join(", ")}</bdi>
                    </span>
                  </td>
                  <td>
                    {l.judges.map((j, post) =>
                      mayChange && heat.state !== "Run" ? (
                        <select
                          key={post}
                          className="mb-1 block w-44"
                          aria-label={`Judge of lane ${l.lane}${l.judges.length > 1 ? `, post ${post + 1}` : ""}`}
                          value={j ?? ""}
                          onChange={(e) =>
                            void plan.edit({ kind: "setJudge", heat: heat.id, lane: l.lane, post: post + 1, judge: e.target.value || null })
                          }
                        >
                          <option value="">nobody</option>
                          {judges.map((o) => (
                            <option key={o.id} value={o.id}>
                              {o.name}
                              {o.gym ? `, ${o.gym}` : ""}
                            </option>
                          ))}
                        </select>
                      ) : (
                        <bdi key={post} className="block">
                          {who.judge(j) || "nobody"}
                        </bdi>
                      ),
                    )}
                  </td>
                  {open && (
                    <td className="whitespace-nowrap">
                      <select
                        className="w-36"
                        aria-label={`Swap ${name} with`}
                        value=""
                        onChange={(e) => {
                          const to = others[Number(e.target.value)];
                          if (to) void plan.edit({ kind: "swap", heat: heat.id, lane: l.lane, with: to.heat.id, withLane: to.lane });
                        }}
                      >
                        <option value="">swap with …</option>
                        {others.map(
                          (o, i) =>
                            o.entry !== l.entry && (
                              <option key={i} value={i}>
                                heat {o.heat.number}, lane {o.lane}: {entryName(who.entry(o.entry))}
                              </option>
                            ),
                        )}
                      </select>{" "}
                      <label className="tick ml-3">
                        <input
                          type="checkbox"
                          aria-label={`${name} is fixed in lane ${l.lane}`}
                          checked={l.fixed}
                          onChange={(e) => void plan.edit({ kind: "fixLane", heat: heat.id, lane: l.lane, on: e.target.checked })}
                        />{" "}
                        fixed
                      </label>
                      <button
                        className="act ml-3 !font-normal"
                        aria-label={`Take ${name} out`}
                        onClick={() => void plan.edit({ kind: "takeOut", heat: heat.id, lane: l.lane })}
                      >
                        out
                      </button>
                    </td>
                  )}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {open && free.length > 0 && nobody.length > 0 && (
        <label className="mt-3 block">
          <span className="font-semibold">Into lane {free[0]} </span>
          <select
            value=""
            aria-label={`Put into lane ${free[0]}`}
            onChange={(e) => e.target.value && void plan.edit({ kind: "moveTo", entry: e.target.value, heat: heat.id, lane: free[0]! })}
          >
            <option value="">somebody who stands in no heat …</option>
            {nobody.map((e) => (
              <option key={e.id} value={e.id}>
                {e.bib} {entryName(e)}
              </option>
            ))}
          </select>
        </label>
      )}
      {open && (
        <div className="mt-3 flex flex-wrap items-baseline gap-x-4">
          <label>
            <span className="font-semibold">A lane breaks down </span>
            <select
              value=""
              aria-label="A lane out of use from now on"
              onChange={(e) =>
                e.target.value && void plan.edit({ kind: "closeLane", session: session.id, lane: Number(e.target.value), on: true })
              }
            >
              <option value="">out of use from now on …</option>
              {Array.from({ length: session.lanes }, (_, i) => i + 1)
                .filter((n) => !closed.includes(n))
                .map((n) => (
                  <option key={n} value={n}>
                    lane {n}
                  </option>
                ))}
            </select>
          </label>
          {closed.map((n) => (
            <button key={n} className="act" onClick={() => void plan.edit({ kind: "closeLane", session: session.id, lane: n, on: false })}>
              Lane {n} is in use again
            </button>
          ))}
        </div>
      )}
      <p className="mt-4">
        <Link className="act" to={`/c/${cid}/cards/${heat.id}`}>
          Heat sheet and cards
        </Link>
      </p>
    </Leaf>
  );
}
