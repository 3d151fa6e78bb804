import type { Schemas } from "../api/client";
import { sizes } from "./entrySizes";

const makes = [
  ["man", "men"],
  ["woman", "women"],
  ["mixed", "mixed"],
] as const;

/** How entries of a team division may differ: in size, and in who is in them. */
export function LineUps({
  division: d,
  at,
  onChange,
}: {
  division: Schemas["Division"];
  at: (key: string) => string | undefined;
  onChange: (change: Partial<Schemas["Division"]>, field: string) => void;
}) {
  const size = sizes[d.kind];
  if (size < 2) return null;
  const entries = d.entries ?? [];
  return (
    <div className="mt-1 text-[0.9rem]">
      {size > 2 && (
        <label className="block whitespace-nowrap">
          <span className="text-soft">fewest members</span>{" "}
          <select
            className="w-[4.5rem] px-1"
            aria-label={`Fewest members of ${d.name}`}
            value={d.smallest ?? ""}
            onChange={(e) => onChange({ smallest: e.target.value ? Number(e.target.value) : null }, "smallest")}
          >
            <option value="">{size}</option>
            {Array.from({ length: size - 2 }, (_, i) => size - 1 - i).map((n) => (
              <option key={n}>{n}</option>
            ))}
          </select>
        </label>
      )}
      {d.duties.length > 1 && (
        <div role="group" aria-label={`Entries of ${d.name} may be`} className="mt-1 flex flex-wrap items-center gap-x-3">
          <span className="text-soft">may be</span>
          {makes.map(([make, word]) => (
            <label key={make} className="inline-flex items-center gap-1 whitespace-nowrap">
              <input
                type="checkbox"
                checked={entries.includes(make)}
                onChange={(e) =>
                  onChange(
                    { entries: makes.map(([m]) => m).filter((m) => (m === make ? e.target.checked : entries.includes(m))) },
                    `entries.${make}`,
                  )
                }
              />
              {word}
            </label>
          ))}
        </div>
      )}
      {entries.length > 1 && (
        <select
          aria-label={`Ranking of ${d.name}`}
          value={d.rankedApart === true ? "apart" : d.rankedApart === false ? "together" : ""}
          onChange={(e) => onChange({ rankedApart: e.target.value === "" ? null : e.target.value === "apart" }, "ranked")}
        >
          <option value="">ranked: not said</option>
          <option value="together">ranked together</option>
          <option value="apart">ranked apart</option>
        </select>
      )}
      {["smallest", "entries"].map(
        (key) =>
          at(key) && (
            <p key={key} role="alert" className="field-error">
              {at(key)}
            </p>
          ),
      )}
    </div>
  );
}
