import { useRef, useState } from "react";
import type { Competition, Schemas } from "../api/client";
import { Field } from "../ui/Field";
import { LineUps } from "./LineUps";
import { Places } from "./Places";

const kinds: Record<Schemas["DivisionKind"], string> = {
  Individual: "individual",
  Pair: "pair",
  TeamOf3: "team of 3",
  TeamOf4: "team of 4",
  TeamOf5: "team of 5",
  TeamOf6: "team of 6",
  TeamOf7: "team of 7",
  TeamOf8: "team of 8",
};
const duties: Record<string, string[]> = {
  "man / woman": ["man", "woman"],
  "woman / man": ["woman", "man"],
  man: ["man"],
  woman: ["woman"],
};

/** The divisions with kind, duties and their order, and the one each inherits from. */
export function Divisions({
  competition: c,
  at,
  onChange,
}: {
  competition: Competition;
  at: (path: string) => string | undefined;
  onChange: (c: Competition, field: string) => void;
}) {
  const [announce, setAnnounce] = useState("");
  const table = useRef<HTMLTableElement>(null);
  const set = (i: number, change: Partial<Schemas["Division"]>, field: string) => {
    const old = c.divisions[i]!;
    const divisions = c.divisions.map((d, j) =>
      j === i
        ? { ...d, ...change }
        : // A new name is followed by the divisions that inherit from the old one.
          change.name !== undefined && d.inheritsFrom === old.name
          ? { ...d, inheritsFrom: change.name }
          : d,
    );
    // What is said for this division alone is said for it under its new name too.
    const renamed = <T extends { division?: string | null }>(x: T): T =>
      change.name !== undefined && x.division === old.name ? { ...x, division: change.name } : x;
    onChange(
      { ...c, divisions, policies: (c.policies ?? []).map(renamed), houseRules: (c.houseRules ?? []).map(renamed) },
      `${field}.${i}`,
    );
  };
  const move = (i: number, by: number) => {
    const divisions = [...c.divisions];
    const [d] = divisions.splice(i, 1);
    divisions.splice(i + by, 0, d!);
    onChange({ ...c, divisions }, `move.${Date.now()}`);
    setAnnounce(`${d!.name} is now number ${i + by + 1}.`);
  };
  return (
    <section aria-labelledby="divisions" className="mt-7">
      <div className="section-head">
        <h2 id="divisions">Divisions</h2>
        <button
          className="act"
          onClick={() => {
            let n = c.divisions.length + 1;
            while (c.divisions.some((d) => d.name === `Division ${n}`)) n++;
            onChange(
              {
                ...c,
                divisions: [...c.divisions, { name: `Division ${n}`, kind: "Individual", duties: ["man", "woman"], inheritsFrom: null }],
              },
              `add.${Date.now()}`,
            );
            requestAnimationFrame(() => [...(table.current?.querySelectorAll<HTMLInputElement>("tbody input") ?? [])].pop()?.select());
          }}
        >
          Add a division
        </button>
      </div>
      {at("divisions") && (
        <p role="alert" className="field-error mt-1">
          {at("divisions")} <span className="font-normal text-ink">Undo brings it back.</span>
        </p>
      )}
      {c.divisions.length === 0 && <p className="py-2 text-soft">No division yet. Workouts need at least one.</p>}
      <div className="relative overflow-x-auto" role="region" aria-label="Table of divisions" tabIndex={0}>
        <table ref={table} className="ruled min-w-[44rem]">
          <thead>
            <tr className="text-[0.9rem] text-soft">
              <th scope="col">Short name</th>
              <th scope="col">Kind</th>
              <th scope="col">Values a / b are</th>
              <th scope="col">Inherits from</th>
              <th scope="col">
                <span className="sr-only">Order</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {c.divisions.map((d, i) => (
              <tr key={i}>
                <td className="w-64">
                  <Field
                    label={`Name of division ${i + 1}`}
                    hideLabel
                    value={d.name}
                    error={at(`divisions[${i}].name`)}
                    onChange={(v) => set(i, { name: v }, "name")}
                  />
                </td>
                <td>
                  <select
                    aria-label={`Kind of ${d.name}`}
                    value={d.kind}
                    onChange={(e) => set(i, { kind: e.target.value as typeof d.kind, seats: [], smallest: null, entries: [] }, "kind")}
                  >
                    {Object.entries(kinds).map(([k, t]) => (
                      <option key={k} value={k}>
                        {t}
                      </option>
                    ))}
                  </select>
                  <LineUps division={d} at={(key) => at(`divisions[${i}].${key}`)} onChange={(change, field) => set(i, change, field)} />
                </td>
                <td>
                  <select
                    aria-label={`Duties of ${d.name}`}
                    value={d.duties.join(" / ")}
                    onChange={(e) => set(i, { duties: duties[e.target.value]!, seats: [], entries: [] }, "duties")}
                  >
                    {Object.keys(duties).map((k) => (
                      <option key={k}>{k}</option>
                    ))}
                  </select>
                  {at(`divisions[${i}].duties`) && <p className="field-error">{at(`divisions[${i}].duties`)}</p>}
                  <Places division={d} error={at(`divisions[${i}].seats`)} onChange={(seats) => set(i, { seats }, "seats")} />
                </td>
                <td>
                  <select
                    aria-label={`${d.name} inherits from`}
                    aria-invalid={!!at(`divisions[${i}].inheritsFrom`)}
                    value={d.inheritsFrom ?? ""}
                    onChange={(e) => set(i, { inheritsFrom: e.target.value || null }, "parent")}
                  >
                    <option value="">nobody</option>
                    {c.divisions
                      .filter((o) => o !== d)
                      .map((o) => (
                        <option key={o.name}>{o.name}</option>
                      ))}
                  </select>
                  {at(`divisions[${i}].inheritsFrom`) && (
                    <p role="alert" className="field-error">
                      {at(`divisions[${i}].inheritsFrom`)}
                    </p>
                  )}
                </td>
                <td className="text-right whitespace-nowrap">
                  <button className="act px-1" aria-label={`Move ${d.name} up`} disabled={i === 0} onClick={() => move(i, -1)}>
                    up
                  </button>
                  <button
                    className="act px-1"
                    aria-label={`Move ${d.name} down`}
                    disabled={i === c.divisions.length - 1}
                    onClick={() => move(i, 1)}
                  >
                    down
                  </button>
                  <button
                    className="act px-1"
                    aria-label={`Remove ${d.name}`}
                    onClick={() =>
                      onChange(
                        {
                          ...c,
                          divisions: c.divisions
                            .filter((_, j) => j !== i)
                            .map((o) => (o.inheritsFrom === d.name ? { ...o, inheritsFrom: d.inheritsFrom } : o)),
                          policies: (c.policies ?? []).filter((p) => p.division !== d.name),
                          houseRules: (c.houseRules ?? []).filter((h) => h.division !== d.name),
                        },
                        `remove.${Date.now()}`,
                      )
                    }
                  >
                    remove
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="sr-only" aria-live="polite">
        {announce}
      </p>
      <p className="mt-1 text-[0.9rem] text-soft">A division without a value of its own takes that of the division it inherits from.</p>
    </section>
  );
}
