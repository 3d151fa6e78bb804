import type { Schemas } from "../api/client";

export const phases: Record<NonNullable<Schemas["Phase"]>, string> = {
  SetUp: "Set-up",
  Entry: "Entry",
  Start: "Start",
  Through: "Through",
  Finish: "Finish",
  Between: "Between reps",
};
export const perceived: Record<NonNullable<Schemas["Perceived"]>, string> = {
  SeenFromTheSide: "seen from the side",
  SeenFromTheFront: "seen from the front",
  Heard: "heard",
  Read: "read",
};
export const consequences: Record<NonNullable<Schemas["Consequence"]>, string> = {
  NotCounted: "not counted",
  RepeatTheRep: "repeat the rep",
  RepeatTheLastPhase: "repeat the last phase",
  FromTheFloor: "again from the floor",
  FromTheLastMark: "again from the last mark",
  FromTheLine: "again from the line",
  SetLost: "the set is lost",
  AttemptLost: "the attempt is lost",
  WaitForKit: "wait for the kit",
};
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const sources: Record<Schemas["Source"], string> = {
  Library: "library",
  Policy: "policy",
  HouseRule: "house rule",
  Workout: "this workout",
  Place: "this place only",
  Ruling: "ruling",
};

/** Where a rule comes from, in words. */
export const origin = (from: Schemas["Provenance"] | undefined) =>
  from && from.by !== "Library" ? [sources[from.by], from.detail].filter(Boolean).join(" · ") : "";

/** Every word of a standard, for the search. */
export const wordsOf = (m: Schemas["Movement"]) =>
  [
    m.name.english,
    m.name.spanish,
    ...m.synonyms,
    m.family.english,
    m.family.spanish,
    ...m.clauses.flatMap((c) => [c.text.english, c.text.spanish]),
    ...m.faults.flatMap((f) => [f.sign.english, f.call.english, f.sign.spanish]),
  ]
    .join(" ")
    .toLowerCase();
