import { useId } from "react";
import { useNavigate } from "react-router";

/** The workout that a page is about, chosen by typing its name or with the arrows. */
export function WorkoutChoice({
  workouts,
  chosen,
  to,
}: {
  workouts: readonly { id: string; title: string }[];
  chosen: string;
  /** Where the page of another one is. */
  to: (id: string) => string;
}) {
  const go = useNavigate();
  const id = useId();
  return (
    <span className="flex min-w-0 items-baseline gap-2">
      <label htmlFor={id}>Workout</label>
      <select id={id} className="min-w-0 font-bold" value={chosen} onChange={(e) => void go(to(e.target.value))}>
        {workouts.map((w) => (
          <option key={w.id} value={w.id}>
            {w.title || "Untitled"}
          </option>
        ))}
      </select>
    </span>
  );
}
