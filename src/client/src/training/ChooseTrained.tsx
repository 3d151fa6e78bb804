import type { Schemas } from "../api/client";
import { useWords } from "./words";

/** What is trained or calibrated: a workout, or one movement. */
export function ChooseTrained({
  label,
  can,
  chosen,
  onChange,
}: {
  label: string;
  can: readonly Schemas["CanTrain"][];
  chosen: number;
  onChange: (chosen: number) => void;
}) {
  const { w, say } = useWords();
  return (
    <label className="min-w-0">
      <span className="block font-semibold">{label}</span>
      <select className="max-w-full" value={chosen} onChange={(e) => onChange(Number(e.target.value))}>
        {(["workouts", "movements"] as const).map((kind) => (
          <optgroup key={kind} label={kind === "workouts" ? w.workouts : w.movement}>
            {can.map((c, i) =>
              (kind === "workouts") === (c.workout !== null) ? (
                <option key={i} value={i}>
                  {say(c.title)}
                </option>
              ) : null,
            )}
          </optgroup>
        ))}
      </select>
    </label>
  );
}
