import { useState } from "react";
import type { Refused, Schemas } from "../api/client";
import { Field } from "../ui/Field";
import { dayWords, fromField, minutes, toField } from "./localTime";
import { MeasuringPosts } from "./Measuring";
import type { Plan, Session, usePlan } from "./usePlan";
import { Whole } from "./Whole";

const orders: readonly [Schemas["HeatOrder"], string][] = [
  ["Seeded", "by seed, the best last"],
  ["Drawn", "drawn"],
  ["Standing", "by standing so far, the best last (by seed until there are results)"],
];

type Settings = Pick<Plan, "zone" | "rules" | "draw" | "sessions" | "measuring">;
/** What an edit began from. */
type Over = { revision: number; settings: string };

const settingsOf = ({ zone, rules, draw, sessions, measuring }: Settings): Settings => ({ zone, rules, draw, sessions, measuring });

/** What the plan keeps to, and the workouts on their days. */
export function PlanSettings({
  cid,
  shown,
  plan,
  day,
}: {
  cid: string;
  shown: Schemas["PlanShown"];
  plan: ReturnType<typeof usePlan>;
  day: string;
}) {
  const empty = shown.plan.sessions.length === 0;
  const [now, setNow] = useState<{ over: Over; plan: Settings } | null>(null);
  const edited = now?.plan ?? shown.plan;
  const posts = edited.measuring ?? [];
  const here: Over = { revision: shown.revision, settings: JSON.stringify(settingsOf(shown.plan)) };
  const change = (p: Partial<Settings>) => setNow({ over: now?.over ?? here, plan: { ...settingsOf(edited), ...p } });
  // Heats may have moved meanwhile, which is no matter. Settings that somebody else has saved are: that is said first, and what is saved
  // once more is meant over what is there now.
  const save = async () => {
    if (!now) return;
    const told = plan.failed?.status === 409;
    if (await plan.set(now.plan, told || now.over.settings === here.settings ? here.revision : now.over.revision)) setNow(null);
  };
  const session = (i: number, s: Partial<Session>) => change({ sessions: edited.sessions.map((x, j) => (j === i ? { ...x, ...s } : x)) });
  const add = () => {
    const last = edited.sessions.at(-1);
    change({
      sessions: [
        ...edited.sessions,
        {
          id: crypto.randomUUID(),
          workout: shown.workouts.find((w) => !edited.sessions.some((s) => s.workout === w.id))?.id ?? shown.workouts[0]?.id ?? "",
          starts: last ? last.starts : `${day || new Date().toISOString().slice(0, 10)}T09:00:00`,
          floor: last?.floor ?? "Main floor",
          lanes: last?.lanes ?? 8,
          order: last?.order ?? "Seeded",
          rotates: last?.rotates ?? true,
          mixes: last?.mixes ?? true,
          between: last?.between ?? { callUp: 120, reset: null, crew: 2 },
          divisions: [],
          closed: [],
        },
      ],
    });
  };
  const at = (path: string) => plan.failed?.at(path);
  return (
    <details className="mt-3 border-y border-rule py-2" open={empty || undefined} data-competition={cid}>
      <summary className="font-semibold">
        Sessions and rules <span className="font-normal text-soft">{empty ? "none yet" : `${shown.plan.sessions.length} sessions`}</span>
      </summary>
      <form
        className="mt-2"
        onSubmit={(e) => {
          e.preventDefault();
          void save();
        }}
      >
        <div className="flex flex-wrap gap-x-5 gap-y-2">
          <Field
            label="Time zone"
            className="w-44"
            value={edited.zone}
            onChange={(zone) => change({ zone })}
            error={at("zone")}
            list="zones"
          />
          <datalist id="zones">
            {Intl.supportedValuesOf("timeZone").map((z) => (
              <option key={z} value={z} />
            ))}
          </datalist>
          <Whole
            label="Rest at least, minutes"
            value={edited.rules.restMinutes}
            error={at("rules.restMinutes")}
            onChange={(restMinutes) => change({ rules: { ...edited.rules, restMinutes } })}
          />
          <Whole
            label="A judge’s heats in a row"
            value={edited.rules.judgeInARow}
            error={at("rules.judgeInARow")}
            onChange={(judgeInARow) => change({ rules: { ...edited.rules, judgeInARow } })}
          />
          <Whole
            label="then heats off"
            value={edited.rules.judgeBreak}
            error={at("rules.judgeBreak")}
            onChange={(judgeBreak) => change({ rules: { ...edited.rules, judgeBreak } })}
          />
          <Whole label="Number of the draw" value={edited.draw} error={at("draw")} onChange={(draw) => change({ draw })} />
          <Field
            label="Each day is over by"
            type="time"
            value={edited.rules.until?.slice(0, 5) ?? ""}
            error={at("rules.until")}
            onChange={(v) => change({ rules: { ...edited.rules, until: v ? `${v}:00` : null } })}
          />
          <label className="tick self-end pb-1.5">
            <input
              type="checkbox"
              checked={edited.rules.briefedOnly}
              onChange={(e) => change({ rules: { ...edited.rules, briefedOnly: e.target.checked } })}
            />{" "}
            only who has confirmed the newest version of a workout judges it
          </label>
        </div>
        <ol>
          {edited.sessions.map((s, i) => (
            <SessionRow
              key={s.id}
              session={s}
              workouts={shown.workouts}
              at={(f) => at(`sessions[${i}].${f}`)}
              onChange={(c) => session(i, c)}
              onRemove={() => change({ sessions: edited.sessions.filter((x) => x.id !== s.id) })}
            />
          ))}
        </ol>
        {(posts.length > 0 || shown.measured.length > 0) && (
          <MeasuringPosts
            posts={posts}
            day={day || edited.sessions[0]?.starts.slice(0, 10) || new Date().toISOString().slice(0, 10)}
            at={at}
            onChange={(measuring) => change({ measuring })}
          />
        )}
        {at("sessions") && (
          <p role="alert" className="field-error">
            {at("sessions")}
          </p>
        )}
        <div className="mt-3 flex flex-wrap items-center gap-4">
          <button type="button" className="press-plain" onClick={add} disabled={shown.workouts.length === 0}>
            Add a session
          </button>
          <button className="press" disabled={!now || !!plan.busy}>
            Save
          </button>
          {now && (
            <button type="button" className="act" onClick={() => setNow(null)}>
              Leave as it was
            </button>
          )}
          <Elsewhere failed={plan.failed} />
        </div>
      </form>
    </details>
  );
}

const Elsewhere = ({ failed }: { failed: Refused | null }) =>
  failed && failed.status === 409 ? (
    <span className="text-ochre">The plan was changed elsewhere; save again to keep what stands here.</span>
  ) : null;

function SessionRow({
  session: s,
  workouts,
  at,
  onChange,
  onRemove,
}: {
  session: Session;
  workouts: Schemas["PlannedWorkout"][];
  at: (field: string) => string | undefined;
  onChange: (change: Partial<Session>) => void;
  onRemove: () => void;
}) {
  const groups = workouts.find((w) => w.id === s.workout)?.groups ?? [];
  const closed = s.closed ?? [];
  return (
    <li className="mt-3 border-t border-rule pt-2">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <label>
          <span className="block font-semibold">Workout</span>
          <select value={s.workout} onChange={(e) => onChange({ workout: e.target.value, divisions: [] })} aria-invalid={!!at("workout")}>
            {workouts.map((w) => (
              <option key={w.id} value={w.id}>
                {w.title}
              </option>
            ))}
          </select>
          {at("workout") && <span className="field-error block">{at("workout")}</span>}
        </label>
        <Field
          label="Starts"
          type="datetime-local"
          value={toField(s.starts)}
          onChange={(v) => onChange({ starts: fromField(v) })}
          error={at("starts")}
        />
        <Field label="Floor" className="w-32" value={s.floor} onChange={(floor) => onChange({ floor })} error={at("floor")} />
        <Whole label="Lanes" value={s.lanes} error={at("lanes")} onChange={(lanes) => onChange({ lanes })} />
        <label>
          <span className="block font-semibold">Heats</span>
          <select className="w-64" value={s.order} onChange={(e) => onChange({ order: e.target.value as Schemas["HeatOrder"] })}>
            {orders.map(([o, words]) => (
              <option key={o} value={o}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <Whole
          label="Call-up, s"
          value={s.between.callUp}
          error={at("between.callUp")}
          onChange={(callUp) => onChange({ between: { ...s.between, callUp } })}
        />
        <Whole
          label="Reset, s"
          optional
          value={s.between.reset}
          error={at("between.reset")}
          onChange={(reset) => onChange({ between: { ...s.between, reset } })}
        />
        <Whole
          label="Crew a lane"
          value={s.between.crew}
          error={at("between.crew")}
          onChange={(crew) => onChange({ between: { ...s.between, crew: crew ?? 1 } })}
        />
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-5">
        <label className="tick">
          <input type="checkbox" checked={s.rotates} onChange={(e) => onChange({ rotates: e.target.checked })} /> lanes change from workout
          to workout
        </label>
        <label className="tick">
          <input type="checkbox" checked={s.mixes} onChange={(e) => onChange({ mixes: e.target.checked })} /> what is left over of two
          groups runs together
        </label>
        <Divisions
          all={[...new Set(groups.map((g) => g.division))]}
          chosen={s.divisions}
          onChange={(divisions) => onChange({ divisions })}
        />
        {closed.length > 0 && (
          <span>
            {closed.length === 1 ? "lane" : "lanes"} {closed.join(", ")} out of use
          </span>
        )}
        <span className="text-soft">
          <bdi>
            {[...new Set(groups.map((g) => g.division))].join(", ")}
            {groups[0] && `: ${minutes(groups[0].seconds)}`}
            {groups.some((g) => g.judges > 1) && `, ${Math.max(...groups.map((g) => g.judges))} judges a lane`}
            {groups.some((g) => g.lanes !== null) && `, kit for ${Math.min(...groups.map((g) => g.lanes ?? 100))} lanes at once`}
          </bdi>
        </span>
        <button
          type="button"
          className="act ml-auto !font-normal"
          onClick={onRemove}
          aria-label={`Take out the session of ${dayWords(s.starts.slice(0, 10))}`}
        >
          Take out
        </button>
      </div>
    </li>
  );
}

/** Which divisions run in a session, in their order; none said is all, in whatever order is shortest. */
function Divisions({
  all,
  chosen,
  onChange,
}: {
  all: readonly string[];
  chosen: readonly string[];
  onChange: (divisions: string[]) => void;
}) {
  if (all.length < 2) return null;
  return (
    <details>
      <summary>
        {chosen.length === 0 ? (
          "all divisions, in any order"
        ) : (
          <>
            in this order: <bdi>{chosen.join(", ")}</bdi>
          </>
        )}
      </summary>
      <ol>
        {[...chosen, ...all.filter((d) => !chosen.includes(d))].map((d) => {
          const at = chosen.indexOf(d);
          return (
            <li key={d} className="flex flex-wrap items-baseline gap-x-3">
              <label className="tick">
                <input
                  type="checkbox"
                  checked={at >= 0}
                  onChange={(e) => onChange(e.target.checked ? [...chosen, d] : chosen.filter((x) => x !== d))}
                />{" "}
                <bdi>{d}</bdi>
              </label>
              {at > 0 && (
                <button
                  type="button"
                  className="act !font-normal"
                  aria-label={`${d} earlier`}
                  onClick={() => {
                    const now = [...chosen];
                    [now[at - 1], now[at]] = [now[at]!, now[at - 1]!];
                    onChange(now);
                  }}
                >
                  earlier
                </button>
              )}
            </li>
          );
        })}
      </ol>
    </details>
  );
}
