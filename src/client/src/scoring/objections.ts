import type { Schemas } from "../api/client";

type Field = Schemas["CardField"];

/** The key of a field in the observation. */
const at = (field: Field, counters: Field["strand"][], members: Field[]) =>
  field.field === "by"
    ? `by[${members.findIndex((f) => f.task === field.task && f.number === field.number)}]`
    : field.field === "count"
      ? `counts[${counters.indexOf(field.strand)}]`
      : field.field === "gates"
        ? `gates[${(field.number ?? 1) - 1}]`
        : field.field;

/**
 * What the server objects to at a field of the card. It counts parts and counters as the observation lists them; the card shows
 * them as fields.
 */
export function objectionAt(field: Field, fields: Field[], errors: Record<string, string[]>): string | undefined {
  const pieces = [...new Set(fields.map((f) => f.piece))];
  const counters = fields.filter((f) => f.piece === field.piece && f.field === "count").map((f) => f.strand);
  const members = fields.filter((f) => f.piece === field.piece && f.field === "by");
  const piece = `run.pieces[${pieces.indexOf(field.piece)}]`;
  const path = `${piece}.${at(field, counters, members)}`;
  const here = Object.entries(errors).filter(
    ([at]) =>
      at === path ||
      (at.startsWith(path) && /^[.[]/.test(at.slice(path.length))) ||
      // What members did together is said at the first of them.
      (at === `${piece}.by` && field === members[0]) ||
      // A count that is missing altogether is said at the field of the count, or at the first counter.
      (at === `${piece}.units` && (field.field === "counted" || (field.field === "count" && counters[0] === field.strand))),
  );
  return here.length > 0 ? here.flatMap(([, sentences]) => sentences).join(" ") : undefined;
}
