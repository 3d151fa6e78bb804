import type { Schemas } from "../api/client";

/** What was called of a rep, with the time from the beginning of its film. */
export type Said = { call: Schemas["Call"]; reason: string | null; milliseconds: number };

/**
 * Where a rep of a sitting is: watched, called a no-rep whose reason is still to be given, on its way to the server, or with its truth
 * beside it. Each rep is called once, and the time is that of the first press.
 */
export type At =
  | { is: "watched" }
  | { is: "asked"; milliseconds: number }
  | { is: "sent"; said: Said }
  | { is: "told"; said: Said; truth: Schemas["TruthShown"] }
  | { is: "over" };

export type Event =
  | { does: "call"; call: Schemas["Call"]; milliseconds: number }
  | { does: "reason"; reason: string | null }
  | { does: "late"; milliseconds: number }
  | { does: "taken"; truth: Schemas["TruthShown"] | null };

export const fresh: At = { is: "watched" };

/** Where a rep is after something was done; what does not fit is as if it had not been. */
export function after(at: At, event: Event): At {
  switch (event.does) {
    case "call":
      if (at.is !== "watched") return at;
      return event.call === "NoRep"
        ? { is: "asked", milliseconds: event.milliseconds }
        : { is: "sent", said: { call: event.call, reason: null, milliseconds: event.milliseconds } };
    case "reason":
      return at.is === "asked" ? { is: "sent", said: { call: "NoRep", reason: event.reason, milliseconds: at.milliseconds } } : at;
    case "late":
      return at.is === "watched" ? { is: "sent", said: { call: "Unseen", reason: null, milliseconds: event.milliseconds } } : at;
    case "taken":
      if (at.is !== "sent") return at;
      return event.truth ? { is: "told", said: at.said, truth: event.truth } : { is: "over" };
  }
}

/** The points of a film between two pictures, in milliseconds from its beginning. */
export function pointsAt(film: Schemas["Film"], milliseconds: number): readonly number[] {
  const at = Math.min(Math.max(0, (milliseconds * film.framesPerSecond) / 1000), film.frames.length - 1);
  const [a, b] = [film.frames[Math.floor(at)]!, film.frames[Math.ceil(at)]!];
  const share = at - Math.floor(at);
  return share === 0 ? a : a.map((n, i) => n + (b[i]! - n) * share);
}

/** How long a film is, in milliseconds. */
export const lengthOf = (film: Schemas["Film"]) => ((film.frames.length - 1) * 1000) / film.framesPerSecond;

/** Which picture of a sequence of stills is shown at a time, each as long as the others. */
export const stillAt = (stills: readonly number[], milliseconds: number, each = 700) =>
  stills[Math.min(stills.length - 1, Math.max(0, Math.floor(milliseconds / each)))] ?? 0;
