import type { Schemas } from "../api/client";

export const phases: Record<Schemas["Phase"], string> = { SetUp: "Set-up", Entry: "Entry", Start: "Start", Through: "Through", Finish: "Finish", Between: "Between reps" };
export const perceived: Record<Schemas["Perceived"], string> = { SeenFromTheSide: "seen from the side", SeenFromTheFront: "seen from the front", Heard: "heard", Read: "read" };
export const consequences: Record<Schemas["Consequence"], string> = {
  NotCounted: "not counted", RepeatTheRep: "repeat the rep", RepeatTheLastPhase: "repeat the last phase", FromTheFloor: "again from the floor",
  FromTheLastMark: "again from the last mark", FromTheLine: "again from the line", SetLost: "the set is lost", AttemptLost: "the attempt is lost", WaitForKit: "wait for the kit",
};
export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
