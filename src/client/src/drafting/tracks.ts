import type { Schemas } from "../api/client";

/** Where one member or group is for a while. */
export interface TrackCell {
  from: number;
  to: number;
  does: string;
  rests: boolean;
  /** True for the first of a track, which says whose it is. */
  first: boolean;
}

/** The tracks of a clock on which several are at places of their own, in the order in which they first appear; of one who stays, one
 * cell over several spans. */
export function tracksOf(t: Schemas["Timeline"]): { who: string; cells: TrackCell[] }[] {
  const rows = new Map<string, TrackCell[]>();
  for (const span of t.spans) {
    const [from, to] = [span.starts ?? 0, span.ends ?? 0];
    for (const { who, where, does } of span.where) {
      if (who === null || !does) continue;
      const cells = rows.get(who) ?? rows.set(who, []).get(who)!;
      const last = cells[cells.length - 1];
      if (last?.to === from && last.does === does) last.to = to;
      else cells.push({ from, to, does, rests: where === null, first: cells.length === 0 });
    }
  }
  return [...rows].map(([who, cells]) => ({ who, cells }));
}
