import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { points, standingWords } from "./words";

type Results = Schemas["ResultsOf"];
export type Names = ReadonlyMap<string, Schemas["ResultName"]>;

export const namesOf = (r: Results): Names => new Map(r.names.map((n) => [n.entry, n]));

/** Who stands in a line: the number, the name, the gym. */
export function Who({ names, entry }: { names: Names; entry: string }) {
  const n = names.get(entry);
  return (
    <>
      <span className="mono text-soft">{n?.bib}</span> <bdi className="font-semibold">{n?.name}</bdi>
      <span className="block text-soft lg:ml-3 lg:inline">
        {" "}
        <bdi>{n?.gym}</bdi>
      </span>
    </>
  );
}

/** A table of one score in one division; each line leads to why it stands there. */
export function ScoreBoard({
  workout,
  table,
  names,
  why,
  children,
}: {
  workout: Schemas["WorkoutResults"];
  table: Schemas["ResultTable"];
  names: Names;
  why: (entry: string) => string;
  children?: ReactNode;
}) {
  const ties = table.lines.some((l) => l.tieText);
  const standing = workout.standings.find((s) => s.division === table.division);
  return (
    <section className="mt-5 [&_tr]:break-inside-avoid" aria-label={`${table.division}, ${table.score}`}>
      <div className="section-head">
        <h2>
          <bdi>
            {table.division}, {table.score}
          </bdi>
        </h2>
        <span className="flex flex-wrap items-baseline gap-x-4">
          <span className={standing?.state === "Final" ? "font-semibold text-spruce" : "text-soft"}>
            {standingWords(standing)}
            {table.mixed && ", judged under several versions"}
          </span>
          {children}
        </span>
      </div>
      {standing?.changed && (
        <p className="mt-1 font-semibold text-ochre">Numbers have changed since; what stands here is what was made final.</p>
      )}
      {standing && standing.open.length > 0 && <p className="mt-1 text-soft">{standing.open.join(" ")}</p>}
      <table className="ruled mt-1">
        <thead>
          <tr>
            <th scope="col" className="w-16">
              Place
            </th>
            <th scope="col">Who</th>
            <th scope="col">Score</th>
            {ties && (
              <th scope="col" className="max-md:hidden print:table-cell">
                Tie-break
              </th>
            )}
            <th scope="col" className="off-paper">
              <span className="sr-only">Why</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {table.lines.map((l) => (
            <tr key={l.entry}>
              <td className="mono text-lg font-bold">{l.place || ""}</td>
              <td>
                <Who names={names} entry={l.entry} />
                {l.level && <span className="block text-soft">{l.level}</span>}
              </td>
              <td className="mono">
                {l.class ? l.text : <span className="text-soft">not entered</span>}
                {ties && l.tieText && <span className="block text-soft md:hidden print:hidden">tie-break {l.tieText}</span>}
              </td>
              {ties && <td className="mono max-md:hidden print:table-cell">{l.tieText}</td>}
              <td className="off-paper w-12 text-right">
                <Link className="act" to={why(l.entry)}>
                  why<span className="sr-only"> {names.get(l.entry)?.name}</span>
                </Link>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** The overall table of a division, with the place in each score. */
export function OverallBoard({ table, names }: { table: Schemas["OverallTable"]; names: Names }) {
  return (
    <section className="mt-5" aria-label={`${table.division}, overall`}>
      <div className="section-head">
        <h2>
          <bdi>{table.division}</bdi>, overall
        </h2>
        <span className={table.isFinal ? "font-semibold text-spruce" : "text-soft"}>
          {table.isFinal ? "of scores that are all final" : "provisional while one of its scores is"}
        </span>
      </div>
      <p className="mt-1 text-soft">{table.rule.join(" ")}</p>
      <div className="overflow-x-auto" role="region" aria-label={`${table.division}, overall, by score`} tabIndex={0}>
        <table className="ruled mt-1">
          <thead>
            <tr>
              <th scope="col" className="w-16">
                Place
              </th>
              <th scope="col">Who</th>
              <th scope="col">Points</th>
              {table.columns.map((c) => (
                <th scope="col" key={c.workout + c.score} className="max-md:hidden print:table-cell">
                  <bdi>{c.title}</bdi>
                  <span className="block font-normal text-soft">
                    <bdi>{c.score}</bdi>
                    {c.weight !== 1 && <> × {points(c.weight)}</>}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.map((r) => (
              <tr key={r.entry}>
                <td className="mono text-lg font-bold">{r.place}</td>
                <td>
                  <Who names={names} entry={r.entry} />
                </td>
                <td className="mono">
                  {points(r.points)}
                  {r.tieText && <span className="block text-soft">{r.tieText}</span>}
                </td>
                {r.places.map((p, i) => (
                  <td key={i} className="mono max-md:hidden print:table-cell">
                    {p || <span className="text-soft">none</span>}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** The table of clubs, each with how its points came about. */
export function ClubBoard({ clubs }: { clubs: readonly Schemas["ClubLine"][] }) {
  if (clubs.length === 0)
    return <p className="mt-4">Clubs are not ranked: nobody has said how, no card is entered, or the smallest sum of places is best.</p>;
  return (
    <table className="ruled mt-4">
      <thead>
        <tr>
          <th scope="col" className="w-16">
            Place
          </th>
          <th scope="col">Club</th>
          <th scope="col">Points</th>
          <th scope="col" className="max-md:hidden print:table-cell">
            How it came about
          </th>
        </tr>
      </thead>
      <tbody>
        {clubs.map((c) => (
          <tr key={c.club}>
            <td className="mono text-lg font-bold">{c.place}</td>
            <td>
              <bdi className="font-semibold">{c.club}</bdi>
            </td>
            <td className="mono">{points(c.points)}</td>
            <td className="text-soft max-md:hidden print:table-cell">{c.reason}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
