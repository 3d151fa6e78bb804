import { Field } from "../ui/Field";
import { Choice } from "../ui/Choice";

/** A lift as it is typed. */
export type Lift = { load: string; made: boolean; seat: number };

const ordinals = ["1st", "2nd", "3rd", "4th", "5th", "6th", "7th", "8th"];

/** Every lift, or every height that was tried, made or missed; in a team with the lifter. */
export function LiftRows({
  label,
  unit,
  members,
  value,
  error,
  onChange,
}: {
  label: string;
  unit: string;
  members: number;
  value: Lift[];
  error?: string;
  onChange: (v: Lift[]) => void;
}) {
  const [what, one] = unit === "cm" ? ["Height", "try"] : ["Load", "lift"];
  const set = (i: number, change: Partial<Lift>) => onChange(value.map((o, j) => (j === i ? { ...o, ...change } : o)));
  return (
    <fieldset>
      <legend className="font-semibold">{label}</legend>
      {value.map((l, i) => (
        <div key={i} className="mt-1 flex flex-wrap items-center gap-4">
          {members > 1 && (
            <select aria-label={`Lifter of lift ${i + 1}`} value={l.seat} onChange={(e) => set(i, { seat: Number(e.target.value) })}>
              {ordinals.slice(0, members).map((o, s) => (
                <option key={o} value={s + 1}>
                  {o}
                </option>
              ))}
            </select>
          )}
          <Field
            label={`${what} of ${one} ${i + 1}, ${unit}`}
            hideLabel
            value={l.load}
            className="w-28"
            onChange={(v) => set(i, { load: v })}
          />
          <span className="text-soft">{unit}</span>
          <Choice
            label={one === "lift" ? `Lift ${i + 1}` : `Try ${i + 1}`}
            value={l.made ? "made" : "missed"}
            of={["made", "missed"] as const}
            onChange={(v) => set(i, { made: v === "made" })}
          />
          {value.length > 1 && (
            <button
              type="button"
              className="act"
              aria-label={`Remove ${one} ${i + 1}`}
              onClick={() => onChange(value.filter((_, j) => j !== i))}
            >
              remove
            </button>
          )}
        </div>
      ))}
      <button
        type="button"
        className="act"
        onClick={() => onChange([...value, { load: "", made: true, seat: value[value.length - 1]?.seat ?? 1 }])}
      >
        Add a {one}
      </button>
      {error && (
        <p className="field-error" role="alert">
          {error}
        </p>
      )}
    </fieldset>
  );
}
