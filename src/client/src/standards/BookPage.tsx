import { useState } from "react";
import { Link, useParams } from "react-router";
import { useBook, useOverview } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { capital } from "./words";

/** The standards book: every movement by family, with a search by any word. */
export function BookPage() {
  const { cid = "" } = useParams();
  const book = useBook();
  const overview = useOverview(cid).data;
  const [text, setText] = useState("");
  if (book.isPending) return <Loading what="the standards book" />;
  if (book.isError) return <main className="p-6"><Message error={book.error} retry={() => void book.refetch()} /></main>;
  const wanted = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = book.data.movements.filter((m) => {
    const all = [m.name, ...m.synonyms, m.family, ...m.clauses.map((c) => c.text), ...m.faults.flatMap((f) => [f.sign, f.call])].join(" ").toLowerCase();
    return wanted.every((w) => all.includes(w));
  });
  const families = [...new Set(found.map((m) => m.family))];
  const missing = overview?.workouts.flatMap((w) => w.findings.filter((f) => f.rule === "standard-missing").map((f) => ({ ...f, workout: w }))) ?? [];
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <div className="flex flex-wrap items-baseline gap-3"><h1>Standards</h1><span className="text-soft">{book.data.edition} · {book.data.movements.length} movements</span></div>
        <label className="flex items-center gap-2">Search <input type="search" value={text} onChange={(e) => setText(e.target.value)} placeholder="depth, chin, bar …" /></label>
      </div>
      {missing.length > 0 && (
        <section className="mt-3 border-l-4 border-brick bg-sheet px-4 py-2" aria-label="Without a standard">
          <p className="font-bold">Without a standard</p>
          {missing.map((f) => <p key={f.key + f.workout.id}>{f.sentence} <Link className="act" to={`/c/${cid}/w/${f.workout.id}`}>{f.workout.title}, line {f.at.line}</Link></p>)}
        </section>
      )}
      {found.length === 0 && <p className="mt-4 text-soft">No standard has these words.</p>}
      <div className="mt-4 gap-x-10 lg:columns-2">
        {families.map((f) => (
          <section key={f} className="mb-5 break-inside-avoid">
            <h2 className="section-head">{f}</h2>
            <table className="ruled"><tbody>
              {found.filter((m) => m.family === f).map((m) => (
                <tr key={m.id}>
                  <th scope="row" className="w-1/2"><Link className="act" to={`/c/${cid}/standards/${m.id}`}>{capital(m.name)}</Link></th>
                  <td className="text-soft">{m.faults.length} faults · {m.clauses.length} clauses</td>
                </tr>
              ))}
            </tbody></table>
          </section>
        ))}
      </div>
    </main>
  );
}
