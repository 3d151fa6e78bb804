import type { Schemas } from "../api/client";

/** The workouts of a text that has several: each can be looked at by itself, or all are taken. */
export function Several({
  parts,
  chosen,
  onChoose,
  onAll,
  taking,
}: {
  parts: Schemas["TextPart"][];
  /** The one that is looked at; null for the whole text. */
  chosen: number | null;
  onChoose: (part: number | null) => void;
  onAll: () => void;
  /** How many of them have been made into drafts; null while nobody asked for it. */
  taking: number | null;
}) {
  return (
    <section aria-label="Several workouts" className="mt-4 border-b border-rule pb-3">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <p>{parts.length} workouts are in this text.</p>
        <button className="press-plain" disabled={taking !== null} onClick={onAll}>
          {taking === null ? `Make ${parts.length} drafts of it` : `Draft ${taking + 1} of ${parts.length}`}
        </button>
      </div>
      <div role="group" aria-label="Which is read" className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
        <button className={chosen === null ? "font-bold" : "act"} aria-pressed={chosen === null} onClick={() => onChoose(null)}>
          All as one
        </button>
        {parts.map((p, i) => (
          <button key={p.from} className={chosen === i ? "font-bold" : "act"} aria-pressed={chosen === i} onClick={() => onChoose(i)}>
            {p.title}
          </button>
        ))}
      </div>
    </section>
  );
}
