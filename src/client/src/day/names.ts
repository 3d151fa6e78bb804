import type { Schemas } from "../api/client";

export const entryName = (e: Schemas["Entry"] | undefined) =>
  e ? e.team || e.members.map((m) => m.name).join(" / ") : "somebody who is gone";

/** What a time of somebody's day is for. */
export const timeTitle = (t: Schemas["OwnTime"]) => (t.number === 0 ? "Be measured" : `${t.workout}, heat ${t.number}`);

/** Who stands where, by their ids. */
export function byId(entries: readonly Schemas["StoredEntry"][], officials: readonly Schemas["Official"][]) {
  const e = new Map(entries.map((x) => [x.entry.id, x.entry]));
  const o = new Map(officials.map((x) => [x.id, x]));
  return {
    entry: (id: string) => e.get(id),
    judge: (id: string | null) => (id === null ? "" : (o.get(id)?.name ?? "gone")),
  };
}

/** The groups that stand in a heat, each once: “Tideline women”. */
export const groupsOf = (entries: readonly (Schemas["Entry"] | undefined)[]) => [
  ...new Set(
    entries.flatMap((e) =>
      !e
        ? []
        : e.members.length === 1 && e.members[0]?.duty
          ? [`${e.division} ${e.members[0].duty === "man" ? "men" : "women"}`]
          : [e.division],
    ),
  ),
];

/** Where a card is, in words. */
export const cardWords: Record<Schemas["CardState"], string> = {
  Printed: "printed",
  Out: "with the judge",
  Back: "back",
  Entered: "entered",
  Checked: "checked",
  Missing: "missing",
  Replaced: "replaced",
};
