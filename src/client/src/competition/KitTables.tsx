import type { ReactNode } from "react";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Field } from "../ui/Field";
import { MaybeMeasure, Measure } from "./Measure";

type Kit = Schemas["LaneKit"];

interface Part {
  kit: Kit;
  at: (path: string) => string | undefined;
  set: (change: Partial<Kit>, field: string) => void;
}

/** A table of a list that is edited: a row for each item, with a button that takes it out. */
function Rows({ head, rows }: { head: ReactNode[]; rows: { cells: ReactNode[]; remove: string; onRemove: () => void }[] }) {
  if (rows.length === 0) return null;
  return (
    <div className="overflow-x-auto">
      <table className="ruled mt-1">
        <thead>
          <tr className="text-[0.9rem] text-soft">
            {head.map((h, i) => (
              <th key={i} scope="col">
                {h}
              </th>
            ))}
            <th scope="col">
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r, i) => (
            <tr key={i}>
              {r.cells.map((c, j) => (
                <td key={j}>{c}</td>
              ))}
              <td className="text-right">
                <button className="act" aria-label={r.remove} onClick={r.onRemove}>
                  remove
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const Objection = ({ of }: { of: string | undefined }) =>
  of ? (
    <p className="field-error" role="alert">
      {of}
    </p>
  ) : null;

/** Bars beside the men's and the women's; a draft names the one that it means. */
export function FurtherBars({ kit, at, set }: Part) {
  const bars = kit.bars ?? [];
  const put = (i: number, change: Partial<(typeof bars)[number]>, field: string) =>
    set({ bars: bars.map((b, j) => (j === i ? { ...b, ...change } : b)) }, `bar.${field}.${i}`);
  return (
    <div>
      <h3 className="font-semibold">Other bars</h3>
      <Rows
        head={["Name", "Mass", "In a lane", "Sleeve, mm"]}
        rows={bars.map((b, i) => {
          const of = (field: string) => at(`kit.bars[${i}].${field}`);
          return {
            cells: [
              <Field
                label={`Name of bar ${i + 1}`}
                hideLabel
                value={b.name}
                error={of("name")}
                onChange={(name) => put(i, { name }, "name")}
              />,
              <Measure
                label={`Mass of bar ${i + 1}`}
                hideLabel
                value={b.mass}
                error={of("mass")}
                onChange={(mass) => put(i, { mass }, "mass")}
              />,
              <Measure
                label={`How many of bar ${i + 1}`}
                hideLabel
                value={b.count}
                error={of("count")}
                onChange={(n) => put(i, { count: Math.round(n) }, "count")}
              />,
              <MaybeMeasure
                label={`Sleeve of bar ${i + 1} in millimetres`}
                hideLabel
                value={b.sleeve}
                error={of("sleeve")}
                onChange={(sleeve) => put(i, { sleeve }, "sleeve")}
              />,
            ],
            remove: `Remove bar ${b.name || i + 1}`,
            onRemove: () => set({ bars: bars.filter((_, j) => j !== i) }, `dropbar.${Date.now()}`),
          };
        })}
      />
      <button
        className="act"
        onClick={() =>
          set({ bars: [...bars, { name: bars.length === 0 ? "axle" : "", mass: kit.menBar, count: 1 }] }, `addbar.${Date.now()}`)
        }
      >
        Add a bar
      </button>
      <Objection of={at("kit.bars")} />
      <p className="text-[0.9rem] text-soft">
        A draft says which one: <span className="notation">20 deadlift, 60/40 kg, on the axle</span>. Without it the usual bar of the duty
        is meant.
      </p>
    </div>
  );
}

/** How many boxes, machines, rigs and ropes there are. */
export function Things({ kit, at, set }: Part) {
  const things = kit.things ?? [];
  const names = useQuery(queries.things());
  const put = (i: number, change: Partial<(typeof things)[number]>, field: string) =>
    set({ things: things.map((t, j) => (j === i ? { ...t, ...change } : t)) }, `thing.${field}.${i}`);
  return (
    <div>
      <h3 className="font-semibold">Boxes, machines, rigs, ropes</h3>
      <datalist id="thing-names">
        {names.data?.map((n) => (
          <option key={n} value={n} />
        ))}
      </datalist>
      <Rows
        head={["Thing", "Number", "All lanes"]}
        rows={things.map((t, i) => ({
          cells: [
            <Field
              label={`Name of thing ${i + 1}`}
              hideLabel
              list="thing-names"
              value={t.name}
              error={at(`kit.things[${i}].name`)}
              onChange={(name) => put(i, { name }, "name")}
            />,
            <Measure
              label={`How many of thing ${i + 1}`}
              hideLabel
              value={t.count}
              error={at(`kit.things[${i}].count`)}
              onChange={(n) => put(i, { count: Math.round(n) }, "count")}
            />,
            <input
              type="checkbox"
              className="size-6"
              aria-label={`${t.name || `Thing ${i + 1}`} for all lanes together`}
              checked={t.shared}
              onChange={(e) => put(i, { shared: e.target.checked }, "shared")}
            />,
          ],
          remove: `Remove ${t.name || `thing ${i + 1}`}`,
          onRemove: () => set({ things: things.filter((_, j) => j !== i) }, `dropthing.${Date.now()}`),
        }))}
      />
      <button className="act" onClick={() => set({ things: [...things, { name: "", count: 1, shared: false }] }, `addthing.${Date.now()}`)}>
        Add a thing
      </button>
      <Objection of={at("kit.things")} />
      <p className="text-[0.9rem] text-soft">
        The checks say where more is used at once than there is. What is not listed is not missed. Ticked: so many for all lanes together.
      </p>
    </div>
  );
}
