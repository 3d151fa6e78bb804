import type { Schemas } from "../api/client";

/** The last of some rows that has come by a time; undefined before the first. Rows are in order of time. */
export function lastAt<T extends { at: number }>(rows: readonly T[], time: number): T | undefined {
  let [low, high] = [0, rows.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (rows[middle]!.at <= time) low = middle + 1;
    else high = middle;
  }
  return rows[low - 1];
}

/** The first of some rows that comes after a time; undefined when none does. */
export function nextAfter<T extends { at: number }>(rows: readonly T[], time: number): T | undefined {
  let [low, high] = [0, rows.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (rows[middle]!.at <= time) low = middle + 1;
    else high = middle;
  }
  return rows[low];
}

export type Track = Schemas["TrackReplay"];

/** Where a track stands: not open yet, worked at, resting, done, or stopped by the clock. */
export type Standing = "waits" | "works" | "rests" | "done" | "stopped";

export interface TrackNow {
  standing: Standing;
  task: Schemas["TaskAt"] | undefined;
  /** Units of the task in hand. */
  unit: number;
  /** What the card shows. */
  counted: number;
  who: string | undefined;
  /** A try that did not count in the last two seconds. */
  noRep: string | undefined;
  /** When a rest, or the part itself, ends. */
  until: number | null;
}

/** How a track stands at a time: looked up, nothing worked out. */
export function at(track: Track, time: number): TrackNow {
  const task = lastAt(track.tasks, time);
  const tick = lastAt(track.ticks, time);
  const rest = track.rests.find((r) => r.from <= time && time < r.until);
  const noRep = lastAt(track.noReps, time);
  const ended = track.ends !== null && time >= track.ends;
  return {
    standing:
      track.opens === null || time < track.opens ? "waits" : ended ? (track.finished ? "done" : "stopped") : rest ? "rests" : "works",
    task,
    unit: tick && task && tick.at > task.at ? tick.unit : 0,
    counted: tick?.counted ?? 0,
    who: lastAt(track.who, time)?.words,
    noRep: noRep && time - noRep.at < 2000 ? noRep.words : undefined,
    until: rest ? rest.until : track.ends,
  };
}

/** The tracks of a lane that are worth a line at a time: those that are open, or else the last that was. */
export function shown(tracks: readonly Track[], time: number): Track[] {
  const open = tracks.filter((t) => t.opens !== null && t.opens <= time && (t.ends === null || time < t.ends));
  if (open.length > 0) return open;
  const ended = tracks.filter((t) => t.ends !== null && t.ends <= time);
  const last = Math.max(...ended.map((t) => t.ends!));
  const next = tracks.filter((t) => t.opens !== null && t.opens > time);
  return ended.length > 0 ? ended.filter((t) => t.ends === last) : next.slice(0, 1);
}
