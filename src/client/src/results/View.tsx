import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { when } from "../ui/days";
import { ClubBoard, namesOf, OverallBoard, ScoreBoard } from "./Boards";

type Results = Schemas["ResultsOf"];

/** What a page of results shows: one workout, the overall tables, or the clubs; of all divisions or of one. */
export function ViewChoice({
  results,
  what,
  division,
  set,
}: {
  results: Results;
  what: string;
  division: string;
  set: (key: string, value: string) => void;
}) {
  const divisions = [
    ...new Set(results.overall.map((o) => o.division).concat(results.workouts.flatMap((w) => w.tables.map((t) => t.division)))),
  ];
  return (
    <div className="off-paper flex flex-wrap items-end gap-x-4 gap-y-2">
      <label className="min-w-0">
        <span className="sr-only">Results of</span>
        <select className="max-w-full" value={what} onChange={(e) => set("of", e.target.value)}>
          {results.workouts.map((w) => (
            <option key={w.workout} value={w.workout}>
              {w.title}
            </option>
          ))}
          <option value="overall">overall</option>
          <option value="clubs">clubs</option>
        </select>
      </label>
      {divisions.length > 1 && what !== "clubs" && (
        <label className="min-w-0">
          <span className="sr-only">Division</span>
          <select className="max-w-full" value={division} onChange={(e) => set("division", e.target.value)}>
            <option value="">all divisions</option>
            {divisions.map((d) => (
              <option key={d}>{d}</option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}

/** The tables that were chosen. */
export function View({
  results,
  what,
  division,
  why,
  beside,
}: {
  results: Results;
  what: string;
  division: string;
  why: (workout: string, entry: string) => string;
  /** What stands beside the head of a table; said once for each division. */
  beside?: (workout: Schemas["WorkoutResults"], standing: Schemas["Standing"]) => ReactNode;
}) {
  return (
    <>
      {/* The choices above are not printed, so paper says what it is of. */}
      <p className="hidden print:block">
        <bdi>{results.competition}</bdi>, <bdi>{results.workouts.find((w) => w.workout === what)?.title ?? what}</bdi>, printed{" "}
        {when(new Date().toISOString())}
      </p>
      <Tables results={results} what={what} division={division} why={why} beside={beside} />
    </>
  );
}

function Tables({ results, what, division, why, beside }: Parameters<typeof View>[0]) {
  const names = namesOf(results);
  if (what === "clubs") return <ClubBoard clubs={results.clubs} />;
  if (what === "overall") {
    const tables = results.overall.filter((o) => !division || o.division === division);
    return tables.length > 0 ? (
      <>
        {tables.map((o) => (
          <OverallBoard key={o.division} table={o} names={names} />
        ))}
      </>
    ) : (
      <p className="mt-4">No card is entered yet.</p>
    );
  }
  const workout = results.workouts.find((w) => w.workout === what);
  if (!workout) return <p className="mt-4">No cards have been made yet, so there are no results.</p>;
  const tables = workout.tables.filter((t) => !division || t.division === division);
  return (
    <>
      {workout.noCard > 0 && (
        <p className="mt-2 text-ochre">
          {workout.noCard} {workout.noCard === 1 ? "run of the plan has" : "runs of the plan have"} no card yet, and so{" "}
          {workout.noCard === 1 ? "stands" : "stand"} in no table.
        </p>
      )}
      {workout.rescored && (
        <p className="mt-2 text-ochre">
          All cards are scored under one version, not each under its own: <bdi>{workout.rescored}</bdi>
        </p>
      )}
      {tables.length === 0 && <p className="mt-4">Nobody of this division runs it.</p>}
      {tables.map((t, i) => {
        const standing = workout.standings.find((s) => s.division === t.division);
        return (
          <ScoreBoard key={t.division + t.score} workout={workout} table={t} names={names} why={(entry) => why(workout.workout, entry)}>
            {beside && standing && tables.findIndex((o) => o.division === t.division) === i && beside(workout, standing)}
          </ScoreBoard>
        );
      })}
    </>
  );
}
