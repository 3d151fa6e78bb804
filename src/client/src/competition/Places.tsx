import type { Schemas } from "../api/client";
import { places } from "./entrySizes";

/** Who stands at each place of a team: in turns, as long as nobody says otherwise. */
export function Places({
  division: d,
  error,
  onChange,
}: {
  division: Schemas["Division"];
  error: string | undefined;
  onChange: (seats: string[]) => void;
}) {
  const now = places(d);
  if (now.length < 3 || d.duties.length < 2) return null;
  return (
    <div className="mt-1 flex flex-wrap items-baseline gap-x-2 text-[0.9rem]" role="group" aria-label={`Places of ${d.name}`}>
      {now.map((who, p) => (
        <label key={p} className="whitespace-nowrap">
          <span className="text-soft">{p + 1}</span>{" "}
          <select
            className="w-[5.2rem] px-1"
            aria-label={`Place ${p + 1} of ${d.name}`}
            value={who}
            onChange={(e) => onChange(now.map((w, j) => (j === p ? e.target.value : w)))}
          >
            {d.duties.map((duty) => (
              <option key={duty}>{duty}</option>
            ))}
          </select>
        </label>
      ))}
      {error && (
        <p role="alert" className="field-error w-full">
          {error}
        </p>
      )}
    </div>
  );
}
