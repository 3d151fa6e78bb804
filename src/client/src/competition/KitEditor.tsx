import { useState } from "react";
import type { Competition, Schemas } from "../api/client";
import { Field } from "../ui/Field";
import { FurtherBars, Things } from "./KitTables";
import { MaybeMeasure, Measure } from "./Measure";
import { readStock, writeStock } from "./stock";

type Kit = Schemas["LaneKit"];
type Stock = Schemas["ImplementStock"];

/** The implements of one kind, typed as masses with spaces between; `2 x 24` where it matters how many there are. */
function Masses({ label, values, error, onChange }: { label: string; values: Stock[]; error?: string; onChange: (v: Stock[]) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = typed === null ? null : readStock(typed);
  return (
    <div
      onBlur={() => {
        if (read === null || Array.isArray(read)) setTyped(null);
      }}
    >
      <Field
        label={label}
        value={typed ?? writeStock(values)}
        error={
          typeof read === "string"
            ? `“${read}” is not a mass; write numbers with spaces between, such as 7.5 10 15, and 2 x 24 for two of 24.`
            : error
        }
        onChange={(v) => {
          setTyped(v);
          const now = readStock(v);
          if (Array.isArray(now)) onChange(now);
        }}
      />
    </div>
  );
}

/** What one lane has. */
export function KitEditor({
  competition: c,
  at,
  onChange,
}: {
  competition: Competition;
  at: (path: string) => string | undefined;
  onChange: (c: Competition, field: string) => void;
}) {
  const kit = c.kit;
  const unit = c.unit === "Kilogram" ? "kg" : "lb";
  const set = (change: Partial<Kit>, field: string) => onChange({ ...c, kit: { ...kit, ...change } }, `kit.${field}`);
  const under = (path: string, n: number) => Array.from({ length: n }, (_, i) => at(`${path}[${i}]`)).find(Boolean) ?? at(path);
  return (
    <section aria-labelledby="kit" className="mt-7">
      <div className="section-head">
        <h2 id="kit">Kit of one lane</h2>
        <span className="text-[0.9rem] text-soft">all masses in {unit}</span>
      </div>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-4 lg:grid-cols-2">
        <div>
          <div className="flex flex-wrap gap-4">
            <Measure label="Men's bar" value={kit.menBar} error={at("kit.menBar")} onChange={(n) => set({ menBar: n }, "menBar")} />
            <Measure
              label="Women's bar"
              value={kit.womenBar}
              error={at("kit.womenBar")}
              onChange={(n) => set({ womenBar: n }, "womenBar")}
            />
            <Measure label="Pair of clips" value={kit.clipPair} error={at("kit.clipPair")} onChange={(n) => set({ clipPair: n }, "clip")} />
          </div>
          <div className="mt-3 flex flex-wrap items-end gap-4">
            <MaybeMeasure
              label="Men's sleeve, mm"
              value={kit.menSleeve}
              error={at("kit.menSleeve")}
              onChange={(n) => set({ menSleeve: n }, "menSleeve")}
            />
            <MaybeMeasure
              label="Women's sleeve, mm"
              value={kit.womenSleeve}
              error={at("kit.womenSleeve")}
              onChange={(n) => set({ womenSleeve: n }, "womenSleeve")}
            />
            <MaybeMeasure
              label="Lanes"
              value={kit.lanes}
              error={at("kit.lanes")}
              onChange={(n) => set({ lanes: n === null ? null : Math.round(n) }, "lanes")}
            />
          </div>
          <div className="mt-3 overflow-x-auto" role="region" aria-label="Table of plates" tabIndex={0}>
            <table className="ruled">
              <thead>
                <tr className="text-[0.9rem] text-soft">
                  <th scope="col">Plate</th>
                  <th scope="col">Single plates</th>
                  <th scope="col">Full diameter</th>
                  <th scope="col">Thick, mm</th>
                  <th scope="col">Stamped, {unit === "kg" ? "lb" : "kg"}</th>
                  <th scope="col">
                    <span className="sr-only">Remove</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {kit.plates.map((p, i) => {
                  const plates = (change: Partial<typeof p>) => kit.plates.map((o, j) => (j === i ? { ...o, ...change } : o));
                  return (
                    <tr key={i}>
                      <td>
                        <Measure
                          label={`Mass of plate ${i + 1}`}
                          hideLabel
                          value={p.mass}
                          error={at(`kit.plates[${i}].mass`)}
                          onChange={(n) => set({ plates: plates({ mass: n }) }, `plate.${i}`)}
                        />
                      </td>
                      <td>
                        <Measure
                          label={`How many plates of ${p.mass}`}
                          hideLabel
                          value={p.count}
                          error={at(`kit.plates[${i}].count`)}
                          onChange={(n) => set({ plates: plates({ count: Math.round(n) }) }, `plates.${i}`)}
                        />
                      </td>
                      <td>
                        <input
                          type="checkbox"
                          className="size-6"
                          aria-label={`Plate of ${p.mass} has full diameter`}
                          checked={p.fullDiameter}
                          onChange={(e) => set({ plates: plates({ fullDiameter: e.target.checked }) }, `full.${i}`)}
                        />
                      </td>
                      <td>
                        <MaybeMeasure
                          label={`Thickness of plate of ${p.mass} in millimetres`}
                          hideLabel
                          value={p.thickness}
                          error={at(`kit.plates[${i}].thickness`)}
                          onChange={(n) => set({ plates: plates({ thickness: n }) }, `thick.${i}`)}
                        />
                      </td>
                      <td>
                        <MaybeMeasure
                          label={`What is stamped on plate of ${p.mass} in ${unit === "kg" ? "pounds" : "kilograms"}`}
                          hideLabel
                          value={p.stamped}
                          error={at(`kit.plates[${i}].stamped`)}
                          onChange={(n) => set({ plates: plates({ stamped: n }) }, `stamp.${i}`)}
                        />
                      </td>
                      <td className="text-right">
                        <button
                          className="act"
                          aria-label={`Remove plate of ${p.mass}`}
                          onClick={() => set({ plates: kit.plates.filter((_, j) => j !== i) }, `drop.${Date.now()}`)}
                        >
                          remove
                        </button>
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </div>
          <button
            className="act"
            onClick={() =>
              set(
                {
                  plates: [
                    ...kit.plates,
                    {
                      mass: [25, 20, 15, 10, 5, 2.5, 1.25, 1, 0.5].find((m) => !kit.plates.some((p) => p.mass === m)) ?? 0.75,
                      count: 2,
                      fullDiameter: false,
                    },
                  ],
                },
                `add.${Date.now()}`,
              )
            }
          >
            Add a plate
          </button>
          {at("kit.plates") && (
            <p className="field-error" role="alert">
              {at("kit.plates")}
            </p>
          )}
        </div>
        <div className="space-y-3">
          <Masses
            label="Dumbbells, a pair of each"
            values={kit.dumbbells}
            error={under("kit.dumbbells", kit.dumbbells.length)}
            onChange={(v) => set({ dumbbells: v }, "dumbbells")}
          />
          <Masses
            label="Kettlebells"
            values={kit.kettlebells}
            error={under("kit.kettlebells", kit.kettlebells.length)}
            onChange={(v) => set({ kettlebells: v }, "kettlebells")}
          />
          <Masses
            label="Sandbags"
            values={kit.sandbags}
            error={under("kit.sandbags", kit.sandbags.length)}
            onChange={(v) => set({ sandbags: v }, "sandbags")}
          />
          <Masses
            label="Balls"
            values={kit.balls}
            error={under("kit.balls", kit.balls.length)}
            onChange={(v) => set({ balls: v }, "balls")}
          />
          <p className="text-[0.9rem] text-soft">
            The checks compare every load of a workout with this kit. A bar is loaded the same on both sides, so single plates count in
            pairs. A mass alone is one implement, of dumbbells a pair; <span className="notation">2 x 24</span> is two of 24. What nobody
            has measured stays empty. A plate stamped in the other unit counts as the mass you give it; papers call it by its stamp.
          </p>
          <FurtherBars kit={kit} at={at} set={set} />
        </div>
        <Things kit={kit} at={at} set={set} />
      </div>
    </section>
  );
}
