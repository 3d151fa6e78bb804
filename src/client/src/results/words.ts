import type { Schemas } from "../api/client";
import { when } from "../ui/days";

type Standing = Schemas["Standing"];

/** How far results are, in a sentence. */
export const standingWords = (s: Standing | undefined): string =>
  !s
    ? ""
    : s.state === "Final"
      ? `final since ${when(s.at!)}, code ${s.code}`
      : s.state === "ProtestTime"
        ? `provisional, can be protested until ${when(s.protestUntil!)}`
        : s.state === "Ready"
          ? "provisional, nothing is in the way of making them final"
          : "provisional";

/** A number of points as it is printed. */
export const points = (n: number) => String(Math.round(n * 10_000) / 10_000);

export const kinds: Record<Schemas["IncidentKind"], string> = {
  Protest: "protest",
  Rerun: "asks to run again",
  Equipment: "equipment",
  Medical: "medical stop",
  LateCorrection: "judge’s late correction",
  Penalty: "penalty",
};

export const outcomes: Record<Schemas["IncidentOutcome"], string> = {
  Stands: "nothing changes",
  Corrected: "the card is corrected at the desk",
  Adjusted: "time or reps are added or taken away",
  RunsAgain: "runs again; another card is printed",
};
