import type { Schemas } from "../api/client";

type Results = Schemas["ResultsOf"];

/** What the server tells of results that have changed. */
export type Change = {
  since: number;
  seq: number;
  whole: boolean;
  tables: readonly { workout: string; table: Schemas["ResultTable"] }[];
  workouts: readonly { workout: string; standings: Schemas["Standing"][]; noCard: number; rescored: string | null }[];
  overall: readonly Schemas["OverallTable"][];
  clubs: Schemas["ClubLine"][] | null;
};

/**
 * The results with a change put to them; the same where it is older; null where it begins elsewhere, or all is another. One that begins
 * before what is known cannot be put to it either: what went there and back between says nothing in it.
 */
export function applied(now: Results, change: Change): Results | null {
  if (change.seq <= now.seq) return now;
  if (change.whole || now.seq !== change.since) return null;
  const tables = new Map(change.tables.map((t) => [[t.workout, t.table.division, t.table.score].join("\n"), t.table]));
  const workouts = new Map(change.workouts.map((w) => [w.workout, w]));
  const overall = new Map(change.overall.map((o) => [o.division, o]));
  return {
    ...now,
    seq: change.seq,
    workouts: now.workouts.map((w) => {
      const rest = workouts.get(w.workout);
      return {
        ...w,
        ...(rest && { standings: rest.standings, noCard: rest.noCard, rescored: rest.rescored }),
        tables: w.tables.map((t) => tables.get([w.workout, t.division, t.score].join("\n")) ?? t),
      };
    }),
    overall: now.overall.map((o) => overall.get(o.division) ?? o),
    clubs: change.clubs ?? now.clubs,
  };
}
