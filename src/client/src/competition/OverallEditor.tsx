import { useState } from "react";
import type { Competition, Schemas } from "../api/client";
import { Choice } from "../ui/Choice";
import { Field } from "../ui/Field";

type Rule = Schemas["OverallRule"];
type Points = Rule["points"];
const names = { linear: "so many less for each place", table: "an own table", sumOfPlaces: "sum of places" } as const;
const usual: Record<keyof typeof names, Points> = {
  linear: { kind: "linear", first: 100, step: 1 },
  table: { kind: "table", points: [100, 95, 90, 86, 82, 79, 76, 74, 72, 70] },
  sumOfPlaces: { kind: "sumOfPlaces" },
};

/** How the scores of all workouts make the overall table. */
export function OverallEditor({
  competition: c,
  at,
  onChange,
}: {
  competition: Competition;
  at: (path: string) => string | undefined;
  onChange: (c: Competition, field: string) => void;
}) {
  const rule = c.overall ?? null;
  const set = (overall: Rule | null, field: string) => onChange({ ...c, overall }, `overall.${field}`);
  const earn = (absentEarn: boolean) => rule && set({ ...rule, absentEarn }, "absent");
  return (
    <section aria-labelledby="overall" className="mt-7">
      <div className="section-head">
        <h2 id="overall">Overall table</h2>
      </div>
      {rule === null ? (
        <p className="mt-2">
          Nobody has said how the scores make the overall table.{" "}
          <button className="act" onClick={() => set({ points: usual.linear, absentEarn: false }, "begin")}>
            State it
          </button>
        </p>
      ) : (
        <div className="mt-2 space-y-3">
          <Choice
            label="Points"
            value={rule.points.kind as keyof typeof names}
            of={["linear", "table", "sumOfPlaces"] as const}
            text={(k) => names[k]}
            onChange={(k) => set({ ...rule, points: usual[k] }, "kind")}
          />
          <PointsFields points={rule.points} at={at} onChange={(points, field) => set({ ...rule, points }, field)} />
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={rule.absentEarn} onChange={(e) => earn(e.target.checked)} /> who withdrew or did not start still
            earns the points of their place
          </label>
          <p className="max-w-prose text-soft">
            Equal places earn equal points. Equal points are decided by the most best places: more first places, then more second places,
            and so on; who is still equal shares the place. A score’s weight stands in its draft, as in{" "}
            <span className="mono">weight 0.5</span>.
          </p>
          <button className="act !font-normal" onClick={() => set(null, "drop")}>
            Leave it open again
          </button>
        </div>
      )}
    </section>
  );
}

const numbers = /^\d{1,6}(\.\d{1,4})?$/;

function PointsFields({
  points,
  at,
  onChange,
}: {
  points: Points;
  at: (path: string) => string | undefined;
  onChange: (p: Points, field: string) => void;
}) {
  const [typed, setTyped] = useState<Record<string, string>>({});
  const wrong = (key: string) => (typed[key] !== undefined && !numbers.test(typed[key].trim()) ? "A number such as 100" : undefined);
  if (points.kind === "linear") {
    const figure = (key: "first" | "step", label: string) => (
      <Field
        label={label}
        className="w-40"
        value={typed[key] ?? String(points[key])}
        error={wrong(key) ?? at(`overall.points.${key}`)}
        onChange={(v) => {
          setTyped({ ...typed, [key]: v });
          if (numbers.test(v.trim())) onChange({ ...points, [key]: Number(v) }, key);
        }}
      />
    );
    return (
      <div className="flex flex-wrap gap-4">
        {figure("first", "First place")}
        {figure("step", "Less for each place")}
      </div>
    );
  }
  if (points.kind === "table") {
    const text = typed.table ?? points.points.join("  ");
    const bad = text
      .split(/[\s;]+/)
      .filter(Boolean)
      .find((w) => !numbers.test(w));
    const objection = points.points.map((_, i) => at(`overall.points.points[${i}]`)).find(Boolean) ?? at("overall.points.points");
    return (
      <Field
        label="Points of the 1st, 2nd, 3rd place and so on"
        className="max-w-2xl"
        value={text}
        error={bad ? `“${bad}” is no number; write numbers with spaces between.` : objection}
        onChange={(v) => {
          setTyped({ ...typed, table: v });
          const all = v.split(/[\s;]+/).filter(Boolean);
          if (all.length > 0 && all.every((w) => numbers.test(w))) onChange({ kind: "table", points: all.map(Number) }, "table");
        }}
      />
    );
  }
  return <p className="text-soft">The places themselves are added up; the smallest sum is best.</p>;
}
