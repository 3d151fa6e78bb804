import type { Schemas } from "../api/client";
import { readClock } from "../ui/time";
import type { Lift } from "./LiftRows";
import type { Stood } from "./PlaceFields";

/** What stands in the fields of a card. */
export type CardValues = {
  status: Schemas["EntryStatus"];
  unjudged: boolean;
  pieces: string[];
  fields: Schemas["CardField"][];
  tasks: Schemas["PieceTasks"][];
  values: Record<string, string>;
  lifts: Record<string, Lift[]>;
  places: Record<string, Stood>;
  /** How many are in the team; 1 for an individual. */
  members: number;
};

/**
 * Turns the fields into an observation; what is no number or time is named at its field.
 * Whether it can have happened is the server's to say.
 */
export function readCard(card: CardValues): { run: Schemas["RunObservation"]; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {};
  const text = (key: string) => card.values[key]?.trim() ?? "";
  const time = (key: string) => {
    const ms = text(key) === "" ? null : readClock(text(key));
    if (text(key) !== "" && ms === null) wrong[key] = "A time such as 8:32.";
    return ms;
  };
  const count = (key: string) => {
    if (text(key) === "") return null;
    if (/^\d{1,9}$/.test(text(key))) return Number(text(key));
    wrong[key] = "A whole number.";
    return null;
  };
  const pieces = card.pieces.map((piece) => {
    const tries = (card.lifts[piece] ?? []).filter((l) => l.load.trim() !== "");
    if (tries.some((l) => !/^\d{1,4}(\.\d{1,3})?$/.test(l.load.trim()))) wrong[`${piece}.tries`] = "Each load is a number such as 87.5.";
    const counters = card.fields
      .filter((f) => f.piece === piece && f.field === "count")
      .map((f) => ({ strand: f.strand!, counted: count(`${piece}.count.${f.strand!}`) }));
    const gates = card.fields.filter((f) => f.piece === piece && f.field === "gates").map((f) => time(`${piece}.gates.${f.number}`));
    const members = card.fields
      .filter((f) => f.piece === piece && f.field === "by")
      .map((f) => ({ seat: f.number!, task: f.task!, units: count(`${piece}.by.${f.task}.${f.number}`) }));
    return {
      piece,
      finish: time(`${piece}.finish`),
      counted: count(`${piece}.counted`),
      tieTime: time(`${piece}.tieTime`),
      gates: gates.every((g) => g === null) ? [] : gates,
      marks: card.fields
        .filter((f) => f.piece === piece && f.field === "marks")
        .map((f) => ({ mark: f.mark!, time: time(`${piece}.marks.${f.mark}`) }))
        .filter((m): m is { mark: string; time: number } => m.time !== null),
      by: members.every((m) => m.units === null) ? [] : members.map((m) => ({ ...m, units: m.units ?? 0 })),
      faults: card.fields
        .filter((f) => f.piece === piece && f.field === "faults")
        .map((f) => ({ fault: f.fault!, times: count(`${piece}.faults.${f.fault}`) }))
        .filter((f): f is { fault: string; times: number } => f.times !== null),
      stood: stood(card, piece, wrong),
      tries: tries.map((l) => ({ load: Number(l.load), made: l.made, seat: card.members > 1 ? l.seat : null, noClips: false })),
      counts: counters.every((c) => c.counted === null) ? [] : counters.map((c) => ({ strand: c.strand, counted: c.counted ?? 0 })),
      watches: [],
      ticks: null,
      unverified: count(`${piece}.unverified`),
    };
  });
  return { run: { status: card.status, pieces, choices: [], unjudged: card.unjudged, adjustments: [] }, wrong };
}

function stood(card: CardValues, piece: string, wrong: Record<string, string>): Schemas["LedgerPlace"] | null {
  const at = card.places[piece];
  const tasks = card.tasks.find((t) => t.piece === piece)?.tasks ?? [];
  const task = tasks.find((t) => t.index === at?.task) ?? tasks[0];
  if (!at || !task || (at.unit.trim() === "" && at.round.trim() === "")) return null;
  if (!/^\d{1,9}$/.test(at.unit.trim()) || (task.inRounds && !/^\d{1,9}$/.test(at.round.trim()))) {
    wrong[`${piece}.stood`] = task.inRounds ? "Whole numbers for round and count." : "A whole number.";
    return null;
  }
  return {
    round: task.inRounds ? Number(at.round) : null,
    task: task.index,
    unit: Number(at.unit),
    option: task.options.length > 1 ? at.option : null,
    metres: null,
  };
}
