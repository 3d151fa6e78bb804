import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";

/** The results as they stand: provisional, each line with how it came about. */
export function ResultsPage() {
  const { cid = "" } = useParams();
  const { get, set } = useAddress();
  const found = useQuery(queries.results(cid));
  if (found.isPending) return <Loading what="the results" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const now = found.data.find((w) => w.workout === get("workout")) ?? found.data[0];
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>Results</h1>
        {found.data.length > 1 && (
          <label className="off-paper">
            <span className="sr-only">Workout</span>
            <select value={now?.workout} onChange={(e) => set("workout", e.target.value)}>
              {found.data.map((w) => (
                <option key={w.workout} value={w.workout}>
                  {w.title}
                </option>
              ))}
            </select>
          </label>
        )}
      </div>
      {!now && <p className="mt-4">No cards have been made yet, so there are no results.</p>}
      {now && (
        <>
          <h2 className="mt-3">
            <bdi>{now.title}</bdi>
          </h2>
          {now.noCard > 0 && (
            <p className="mt-1 text-ochre">
              {now.noCard} {now.noCard === 1 ? "run of the plan has" : "runs of the plan have"} no card yet, and so{" "}
              {now.noCard === 1 ? "stands" : "stand"} in no table.
            </p>
          )}
          {now.tables.map((t) => (
            <Table key={t.division + t.score} table={t} names={now.names} />
          ))}
        </>
      )}
    </main>
  );
}

function Table({ table, names }: { table: Schemas["ResultTable"]; names: readonly Schemas["ResultName"][] }) {
  const who = new Map(names.map((n) => [n.entry, n]));
  const ties = table.lines.some((l) => l.tieText);
  const cards = table.missing === 1 ? "card" : "cards";
  const missing = table.missing > 0 ? `${table.missing} ${cards} not entered` : "every card entered";
  const checked = table.lines.filter((l) => l.checked).length;
  return (
    <section className="mt-5" aria-label={`${table.division}, ${table.score}`}>
      <div className="section-head">
        <h3 className="font-semibold">
          <bdi>
            {table.division}, {table.score}
          </bdi>
        </h3>
        <span className="text-soft">
          provisional, {missing}, {checked} checked{table.mixed && ", judged under several versions"}
        </span>
      </div>
      <table className="ruled mt-1">
        <thead>
          <tr>
            <th scope="col">Place</th>
            <th scope="col" className="w-1/3">
              Who
            </th>
            <th scope="col">Score</th>
            {ties && (
              <th scope="col" className="max-md:hidden print:table-cell">
                Tie-break
              </th>
            )}
            <th scope="col" className="max-md:hidden print:table-cell">
              How it came about
            </th>
          </tr>
        </thead>
        <tbody>
          {table.lines.map((l) => {
            const n = who.get(l.entry);
            return (
              <tr key={l.entry}>
                <td className="mono text-lg font-bold">{l.place || ""}</td>
                <td>
                  <span className="mono text-soft">{n?.bib}</span> <bdi className="font-semibold">{n?.name}</bdi>
                  <span className="block text-soft">
                    <bdi>{n?.gym}</bdi>
                  </span>
                </td>
                <td className="mono">{l.text || <span className="text-soft">not entered</span>}</td>
                {ties && <td className="mono max-md:hidden print:table-cell">{l.tieText}</td>}
                <td className="text-soft max-md:hidden print:table-cell">{l.reasons.join(" ")}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
