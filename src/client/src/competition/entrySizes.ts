import type { Schemas } from "../api/client";

/** How many stand on the floor as one entry. */
export const sizes: Record<Schemas["DivisionKind"], number> = {
  Individual: 1,
  Pair: 2,
  TeamOf3: 3,
  TeamOf4: 4,
  TeamOf5: 5,
  TeamOf6: 6,
  TeamOf7: 7,
  TeamOf8: 8,
};

/** The duty of each place, as it is declared; else the duties take turns. */
export const places = (d: Schemas["Division"]): string[] =>
  d.seats && d.seats.length > 0 ? d.seats : Array.from({ length: sizes[d.kind] }, (_, i) => d.duties[i % d.duties.length]!);
