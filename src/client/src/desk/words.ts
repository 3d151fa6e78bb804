import type { Schemas } from "../api/client";
import { cardWords } from "../day/names";

/** Where a card belongs: “Low Water, heat 3, lane 4, back”. */
export const lineOf = (l: Schemas["DeskLine"]) =>
  [l.workout, `heat ${l.heat}`, l.lane > 0 ? `lane ${l.lane}` : "in no lane of the plan", l.card.printed, cardWords[l.card.state]].join(
    ", ",
  );
