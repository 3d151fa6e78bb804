import { del, get, keys, promisifyRequest, set, type UseStore } from "idb-keyval";
import type { Schemas } from "../api/client";

/** A card half typed, as it is kept on this machine until it is stored: power may go in the midst of it. */
export type Half = {
  status: Schemas["EntryStatus"];
  unjudged: boolean;
  level: string;
  values: Record<string, string>;
  lifts: Record<string, { load: string; made: boolean; seat: number }[]>;
  places: Record<string, { round: string; task: number; unit: string; option: number }>;
};

export const nothing: Half = { status: "Ran", unjudged: false, level: "", values: {}, lifts: {}, places: {} };

/** A card as it is typed, in the fields that it is typed into. */
export const halfOf = (typed: Schemas["TypedCard"]): Half => ({
  status: typed.status,
  unjudged: typed.unjudged,
  level: typed.level,
  values: Object.fromEntries(typed.fields.map((f) => [f.key, f.text])),
  lifts: typed.lifts.reduce<Half["lifts"]>(
    (all, l) => ({ ...all, [l.piece]: [...(all[l.piece] ?? []), { load: l.load, made: l.made, seat: l.seat ?? 1 }] }),
    {},
  ),
  places: Object.fromEntries(typed.places.map((p) => [p.piece, { round: p.round, task: p.task, unit: p.unit, option: p.option ?? 0 }])),
});

const key = (card: string) => `desk.${card}`;

let opened: Promise<IDBDatabase> | undefined;

/** Where everything stands that is not saved, so that signing out asks about it; written through to the disk, since power goes without
 * asking (Indexed Database API 3.0, 4.9, “strict”). */
const strict: UseStore = async (mode, callback) => {
  opened ??= keys().then(() => promisifyRequest(indexedDB.open("keyval-store")));
  return callback((await opened).transaction("keyval", mode, { durability: "strict" }).objectStore("keyval"));
};

/** What is half typed of a card; nothing where storage is closed or holds something else. */
export const kept = (card: string): Promise<Half> =>
  get<Partial<Half>>(key(card), strict).then(
    (half) => (half ? { ...nothing, ...half } : nothing),
    () => nothing,
  );

/** Keeps what is half typed. A full or closed storage keeps nothing; the card can still be typed. */
export function keep(card: string, half: Half) {
  void (half === nothing ? del(key(card), strict) : set(key(card), half, strict)).catch(() => undefined);
}
