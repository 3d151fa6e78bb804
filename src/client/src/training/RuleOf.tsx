import type { Schemas } from "../api/client";

/** A list to choose from, its label above it. */
function Listed({
  label,
  value,
  onChange,
  of,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  of: readonly (readonly [value: string, words: string])[];
}) {
  return (
    <label className="min-w-0">
      <span className="block font-semibold">{label}</span>
      <select className="max-w-full" value={value} onChange={(e) => onChange(e.target.value)}>
        {of.map(([v, words]) => (
          <option key={v} value={v}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Of which movement and which of its rules a borderline rep is. */
export function RuleOf({
  words,
  movement,
  setMovement,
  movements,
  clause,
  setClause,
  clauses,
}: {
  /** What stands at the two. */
  words: readonly [string, string];
  movement: string;
  setMovement: (movement: string) => void;
  movements: readonly (readonly [id: string, name: string])[];
  clause: string;
  setClause: (clause: string) => void;
  clauses: readonly Schemas["ClauseFilmed"][];
}) {
  return (
    <>
      <Listed label={words[0]} value={movement} onChange={setMovement} of={movements} />
      <Listed label={words[1]} value={clause} onChange={setClause} of={clauses.map((c) => [c.clause, c.text.english] as const)} />
    </>
  );
}
