import { Link, useParams } from "react-router";
import { useBook } from "../api/queries";
import { Loading } from "../ui/Message";
import { capital, consequences, perceived, phases } from "./words";

/** One movement, like a plate in a handbook: the rep by phase, the no-rep table, the judge. */
export function StandardPage() {
  const { cid = "", mid = "" } = useParams();
  const book = useBook().data;
  if (!book) return <Loading what="the standard" />;
  const at = book.movements.findIndex((m) => m.id === mid);
  const m = book.movements[at];
  if (!m) return <main className="p-6"><h1>No such standard</h1><p><Link className="act" to={`/c/${cid}/standards`}>To the book</Link></p></main>;
  const [before, after] = [book.movements[at - 1], book.movements[at + 1]];
  const order = ["SetUp", "Entry", "Start", "Through", "Finish", "Between"] as const;
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-3 border-b-[1.5px] border-ink pb-2">
        <div className="flex flex-wrap items-baseline gap-x-4"><h1>{capital(m.name)}</h1><span className="text-soft">{m.family.toLowerCase()} · {book.edition}</span></div>
        <nav aria-label="Book" className="flex gap-4">
          {before && <Link className="act" to={`/c/${cid}/standards/${before.id}`}>← {before.name}</Link>}
          <Link className="act" to={`/c/${cid}/standards`}>all</Link>
          {after && <Link className="act" to={`/c/${cid}/standards/${after.id}`}>{after.name} →</Link>}
        </nav>
      </div>
      {m.synonyms.length > 0 && <p className="mt-1 text-[0.9rem] text-soft">Also written {m.synonyms.join(", ")}.</p>}
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-9 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.42fr)]">
        <section aria-labelledby="rep">
          <h2 id="rep" className="section-head">The rep</h2>
          <dl>
            {order.filter((p) => m.clauses.some((c) => c.phase === p)).map((p) => (
              <div key={p} className="grid grid-cols-[6.9rem_minmax(0,1fr)] border-b border-rule py-1.5">
                <dt className="text-soft">{phases[p]}</dt>
                <dd>{m.clauses.filter((c) => c.phase === p).map((c) => (
                  <p key={c.id}>{c.kind === "Allowed" && <span className="text-spruce">allowed: </span>}{c.kind === "Measured" && <span className="text-ochre">measured: </span>}{c.text}</p>
                ))}</dd>
              </div>
            ))}
          </dl>
          <h2 className="section-head mt-5">The judge</h2>
          <dl>
            <div className="grid grid-cols-[6.9rem_minmax(0,1fr)] border-b border-rule py-1.5"><dt className="text-soft">Stands</dt><dd>{m.judge.place}</dd></div>
            <div className="grid grid-cols-[6.9rem_minmax(0,1fr)] border-b border-rule py-1.5"><dt className="text-soft">Calls</dt><dd>{m.judge.call}</dd></div>
          </dl>
        </section>
        <section aria-labelledby="norep">
          <h2 id="norep" className="section-head">No rep</h2>
          <div className="overflow-x-auto" role="region" aria-label="No-rep table" tabIndex={0}>
            <table className="ruled min-w-[34rem]">
              <thead><tr className="text-[0.9rem] text-soft"><th scope="col">What you see or hear</th><th scope="col" className="w-40">You say</th><th scope="col" className="w-52">The athlete must</th></tr></thead>
              <tbody>
                {m.faults.map((f) => (
                  <tr key={f.id}>
                    <td>{f.sign}<span className="block text-[0.87rem] text-soft">{perceived[f.by]}</span></td>
                    <td className="font-bold">“{f.call}”</td>
                    <td>{f.athlete}<span className="block text-[0.87rem] text-soft">{consequences[f.then]}; the clock runs on</span></td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <h2 className="section-head mt-5">Cautions</h2>
          {m.cautions.map((c) => <p key={c} className="py-1.5">{c}</p>)}
          <p className="text-[0.9rem] text-soft">Local safety rules and the medical lead come first.</p>
        </section>
      </div>
    </main>
  );
}
