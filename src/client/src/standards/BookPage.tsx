import { useMemo, useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { Link, useParams } from "react-router";
import { Loading, Message } from "../ui/Message";
import { capital, origin, wordsOf } from "./words";

/** The standards book: every movement by family, with a search by any word of the trade. */
export function BookPage() {
  const { cid = "" } = useParams();
  const book = useQuery(queries.book(cid));
  const overview = useQuery(queries.overview(cid)).data;
  const [text, setText] = useState("");
  // The words of all standards are joined once, so that each keystroke only looks.
  const index = useMemo(
    () => [...(book.data?.movements ?? []), ...(book.data?.rules ?? [])].map((m) => ({ m, words: wordsOf(m) })),
    [book.data],
  );
  if (book.isPending) return <Loading what="the standards book" />;
  if (book.isError)
    return (
      <main className="p-6">
        <Message error={book.error} retry={() => void book.refetch()} />
      </main>
    );
  const wanted = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = index.filter((x) => wanted.every((w) => x.words.includes(w))).map((x) => x.m);
  const families = [...new Set(found.map((m) => m.family.english))];
  const missing =
    overview?.workouts.flatMap((w) => w.findings.filter((f) => f.rule === "standard-missing").map((f) => ({ ...f, workout: w }))) ?? [];
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <div className="flex flex-wrap items-baseline gap-3">
          <h1>Standards</h1>
          <span className="text-soft">
            {book.data.edition} · {book.data.movements.length} movements, {book.data.rules.length} rules beside them
          </span>
        </div>
        <label className="flex items-center gap-2">
          Search <input type="search" value={text} onChange={(e) => setText(e.target.value)} placeholder="depth, chin, bar …" />
        </label>
      </div>
      <p className="mt-1 flex flex-wrap gap-x-5">
        <Link className="act" to={`/c/${cid}/standards/policies`}>
          Policies: where the trade disagrees
        </Link>
        <Link className="act" to={`/c/${cid}/standards/compare`}>
          Compare two
        </Link>
        <Link className="act" to={`/c/${cid}/standards/write`}>
          Write your own
        </Link>
      </p>
      {missing.length > 0 && (
        <section className="mt-3 border-l-4 border-brick bg-sheet px-4 py-2" aria-label="Without a standard">
          <p className="font-bold">Without a standard</p>
          {missing.map((f) => (
            <p key={f.key + f.workout.id}>
              {f.sentence}{" "}
              <Link className="act" to={`/c/${cid}/w/${f.workout.id}`}>
                {f.workout.title}, line {f.at.line}
              </Link>
            </p>
          ))}
        </section>
      )}
      {found.length === 0 && <p className="mt-4 text-soft">No standard has these words.</p>}
      <div className="mt-4 gap-x-10 lg:columns-2">
        {families.map((f) => (
          <section key={f} className="mb-5 break-inside-avoid">
            <h2 className="section-head">{f}</h2>
            <table className="ruled">
              <tbody>
                {found
                  .filter((m) => m.family.english === f)
                  .map((m) => {
                    const changed = m.clauses.filter((c) => origin(c.from) !== "").length;
                    return (
                      <tr key={m.id}>
                        <th scope="row" className="w-1/2">
                          <Link className="act" to={`/c/${cid}/standards/${m.id}`}>
                            {capital(m.name.english)}
                          </Link>
                        </th>
                        <td className="text-soft">
                          {m.faults.length} faults · {m.clauses.length} clauses
                          {changed > 0 && <span className="font-semibold text-ochre"> · {changed} changed here</span>}
                        </td>
                      </tr>
                    );
                  })}
              </tbody>
            </table>
          </section>
        ))}
      </div>
    </main>
  );
}
