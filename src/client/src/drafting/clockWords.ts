import type { Explanation, Schemas } from "../api/client";
import { clock } from "../ui/time";
import { placeAt } from "./placeAt";

type Timeline = Schemas["Timeline"];

/** The span of the clock in which a time lies; the last one at and after its end. */
export const spanAt = (t: Timeline, now: number) =>
  t.spans.find((s) => now >= (s.starts ?? 0) && now < (s.ends ?? 0)) ?? t.spans[t.spans.length - 1];

/** The times that are written over the clock: at most eight steps of a round length, none under the label of the end. */
export function ticksOf(ends: number): number[] {
  const step = [15, 30, 60, 120, 180, 300, 600, 1200, 3600].map((s) => s * 1000).find((s) => ends / s <= 8) ?? ends;
  return Array.from({ length: Math.floor((ends - 1) / step) + 1 }, (_, i) => i * step).filter((ms) => ends - ms > ends * 0.13);
}

/** What happens at a time, in words. */
export function sayAt(explanation: Explanation, t: Timeline, now: number, column: number): string {
  const span = spanAt(t, now);
  if (!span) return "";
  const left = clock((span.ends ?? 0) - now);
  if (span.kind !== "Work") return `${span.kind.toLowerCase()}, the next window opens in ${left}`;
  const piece = explanation.pieces.find((p) => p.key === span.pieces[0]);
  const ledger = explanation.ledgers.find((l) => l.pieces.includes(piece?.key ?? "") && l.for.includes(column));
  if (span.where.length > 0) return `${whereAt(span)}; ${left} left, ${nextOf(t, span)}`;
  if (piece && explanation.ledgers.filter((l) => l.pieces.includes(piece.key) && l.for.includes(column)).length > 1)
    return `${left} left of this window`;
  if (!piece || !ledger?.units) return `${left} left of this window`;
  const done = Math.floor((ledger.units * (now - (span.starts ?? 0))) / ((span.ends ?? 1) - (span.starts ?? 0)));
  return `at an even pace: ${placeAt(ledger, done)}; ${done} of ${ledger.units} done, ${left} left${gateAt(t, piece.key, done, now)}`;
}

/** Who is at which place, those who do the same together. */
function whereAt(span: Schemas["ClockSpan"]): string {
  const places = new Map<string, string[]>();
  for (const w of span.where) places.set(w.does ?? "", [...(places.get(w.does ?? "") ?? []), w.who ?? "all"]);
  return [...places].map(([does, who]) => `${who.join(" and ")}: ${does}`).join(", ");
}

/** What comes when the span is over. */
function nextOf(t: Timeline, span: Schemas["ClockSpan"]): string {
  const next = t.spans[t.spans.indexOf(span) + 1];
  return !next
    ? "then the end"
    : next.kind !== "Work"
      ? `then ${next.kind.toLowerCase()} ${clock((next.ends ?? 0) - (next.starts ?? 0))}`
      : next.silent
        ? "then all move on without a call"
        : "then the next";
}

/** How far it is to the next gate, and until when who passes it goes on. */
function gateAt(t: Timeline, piece: string, done: number, now: number): string {
  const gate = t.forks.find((f) => f.piece === piece && (f.at ?? 0) >= now);
  if (!gate) return "";
  const lacks = (gate.units ?? 0) - done;
  return lacks > 0 ? `; ${lacks} to the gate at ${clock(gate.at ?? 0)}` : `; past the gate, on until ${clock(gate.until ?? 0)}`;
}

/** How many judges a lane needs at a time, and what they watch; empty where one is enough. */
export function judgesAt(t: Timeline, now: number): string {
  const span = spanAt(t, now);
  if (!span || span.kind !== "Work" || (span.judges ?? 1) < 2) return "";
  const watched = span.watched.map(
    (w) => `${w.hold ? "the hold" : (w.station ?? "the work")}${w.post === null ? "" : ` (post ${w.post})`}`,
  );
  return `Now the lane needs ${span.judges} judges: ${[...new Set(watched)].join(", ")}.`;
}
