import type { Schemas } from "../api/client";
import { useWords } from "./words";

/** What tests say of somebody’s eyes, a line a clause: where the line is seen, in words, and drawn for the eye. */
export function Eyes({ eyes }: { eyes: readonly Schemas["EyeShown"][] }) {
  const { say } = useWords();
  return (
    <ul>
      {eyes.map((e) => (
        <li key={e.clause.english + e.unit} className="grid gap-x-5 border-b border-rule py-2 md:grid-cols-[1fr_13rem]">
          <div>
            <b>{say(e.clause)}</b> <span className="text-soft">{e.movements.join(", ").replaceAll("-", " ")}</span>
            <span className="block">{say(e.sentence)}</span>
            <span className="block text-[0.9rem] text-soft">{say(e.details)}</span>
          </div>
          {e.mark !== null && <Line eye={e} />}
        </li>
      ))}
    </ul>
  );
}

/** The distances of a hundred units either way; what lies beyond stands at the edge. */
const widest: Record<string, number> = { mm: 100, "°": 40, ms: 200 };

function Line({ eye }: { eye: Schemas["EyeShown"] }) {
  const { w } = useWords();
  const wide = widest[eye.unit] ?? 100;
  const at = (v: number) => 50 + 48 * Math.max(-1, Math.min(1, v / wide));
  return (
    <div>
      <svg viewBox="0 0 100 12" className="h-6 w-full" aria-hidden="true" preserveAspectRatio="none">
        <line x1="50" x2="50" y1="0" y2="12" stroke="var(--color-rule)" strokeWidth="0.8" />
        <line x1={at(eye.low!)} x2={at(eye.high!)} y1="6" y2="6" stroke="var(--color-soft)" strokeWidth="1.8" />
        <line x1={at(eye.line!) - 0.8} x2={at(eye.line!) + 0.8} y1="6" y2="6" stroke="var(--color-ink)" strokeWidth="6" />
      </svg>
      <span className="flex justify-between text-[0.85rem] text-soft">
        <span>{w.lenient}</span>
        <span className="mono">{eye.mark}</span>
        <span>{w.strict}</span>
      </span>
    </div>
  );
}
