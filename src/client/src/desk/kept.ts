import type { Schemas } from "../api/client";

/** A card half typed, as it is kept on this machine until it is stored: power may go in the midst of it. */
export type Half = {
  status: Schemas["EntryStatus"];
  values: Record<string, string>;
  lifts: Record<string, { load: string; made: boolean; seat: number }[]>;
  places: Record<string, { round: string; task: number; unit: string; option: number }>;
};

export const nothing: Half = { status: "Ran", values: {}, lifts: {}, places: {} };

/** A card as it is typed, in the fields that it is typed into. */
export const halfOf = (typed: Schemas["TypedCard"]): Half => ({
  status: typed.status,
  values: Object.fromEntries(typed.fields.map((f) => [f.key, f.text])),
  lifts: typed.lifts.reduce<Half["lifts"]>(
    (all, l) => ({ ...all, [l.piece]: [...(all[l.piece] ?? []), { load: l.load, made: l.made, seat: l.seat ?? 1 }] }),
    {},
  ),
  places: Object.fromEntries(typed.places.map((p) => [p.piece, { round: p.round, task: p.task, unit: p.unit, option: p.option ?? 0 }])),
});

const key = (card: string) => `desk.${card}`;

/** What is half typed of a card; nothing where storage is closed or holds something else. */
export function kept(card: string): Half {
  try {
    const text = localStorage.getItem(key(card));
    return text ? { ...nothing, ...(JSON.parse(text) as Partial<Half>) } : nothing;
  } catch {
    return nothing;
  }
}

export function keep(card: string, half: Half) {
  try {
    if (half === nothing) localStorage.removeItem(key(card));
    else localStorage.setItem(key(card), JSON.stringify(half));
  } catch {
    // A full or closed storage keeps nothing; the card can still be typed.
  }
}
