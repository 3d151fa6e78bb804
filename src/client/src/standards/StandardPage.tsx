import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import type { Movement, Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { HouseRules } from "./HouseRules";
import { InWorkout } from "./InWorkout";
import { Plates } from "./Plates";
import { capital, consequences, origin, perceived, phases } from "./words";

const order = ["SetUp", "Entry", "Start", "Through", "Finish", "Between"] as const;

/** One movement, like a plate in a handbook: the drawn positions, the rep by phase, the no-rep table, the judge. */
export function StandardPage() {
  const { cid = "", mid = "" } = useParams();
  const { get, set: pick } = useAddress();
  const [division, workout] = [get("division"), get("workout")];
  const book = useQuery(queries.book(cid));
  const stored = useQuery(queries.competition(cid)).data;
  const divisions = stored?.competition.divisions ?? [];
  const own = stored?.competition.ownMovements?.some((m) => m.id === mid) ?? false;
  const workouts = useQuery(queries.overview(cid)).data?.workouts ?? [];
  const found = useQuery({
    ...queries.standard(cid, mid, division, workout),
    placeholderData: (before) => (before?.id === mid ? before : undefined),
  });
  if (found.isError)
    return (
      <main className="p-6">
        <h1>No such standard</h1>
        <Message error={found.error} />
        <p>
          <Link className="act" to={`/c/${cid}/standards`}>
            To the book
          </Link>
        </p>
      </main>
    );
  if (!book.data || !found.data) return <Loading what="the standard" />;
  const m = found.data;
  const all = [...book.data.movements, ...book.data.rules];
  const at = all.findIndex((x) => x.id === mid);
  const [before, after] = [all[at - 1], all[at + 1]];
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-3 border-b-[1.5px] border-ink pb-2">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1>{capital(m.name.english)}</h1>
          <span className="text-soft">
            {m.family.english.toLowerCase()} · {book.data.edition}
          </span>
        </div>
        <nav aria-label="Book" className="flex flex-wrap gap-x-4">
          {before && (
            <Link className="act" to={`/c/${cid}/standards/${before.id}`}>
              ← {before.name.english}
            </Link>
          )}
          <Link className="act" to={`/c/${cid}/standards`}>
            all
          </Link>
          <Link className="act" to={`/c/${cid}/standards/compare?a=${mid}`}>
            compare
          </Link>
          {own ? (
            <Link className="act" to={`/c/${cid}/standards/write?edit=${mid}`}>
              change it
            </Link>
          ) : (
            <Link className="act" to={`/c/${cid}/standards/write?from=${mid}`}>
              write your own from this
            </Link>
          )}
          {after && (
            <Link className="act" to={`/c/${cid}/standards/${after.id}`}>
              {after.name.english} →
            </Link>
          )}
        </nav>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-1 text-[0.9rem] text-soft">
        <label className="flex items-center gap-2">
          As it holds for{" "}
          <select value={division} onChange={(e) => pick("division", e.target.value)}>
            <option value="">everybody</option>
            {divisions.map((d) => (
              <option key={d.name}>{d.name}</option>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-2">
          in{" "}
          <select value={workout} onChange={(e) => pick("workout", e.target.value)}>
            <option value="">the whole competition</option>
            {workouts.map((w) => (
              <option key={w.id} value={w.id}>
                {w.title || "Untitled"}
              </option>
            ))}
          </select>
        </label>
        <span>
          {m.synonyms.length > 0 && <>Also written {m.synonyms.join(", ")}. </>}In Spanish: {m.name.spanish ?? "not written"}.
        </span>
      </div>
      <Plates cid={cid} movement={m} />
      {workout && (
        <InWorkout
          key={`${mid}-${workout}`}
          cid={cid}
          workout={workout}
          title={workouts.find((w) => w.id === workout)?.title || "Untitled"}
          movement={m}
          book={all[at] ?? m}
        />
      )}
      {stored && !own && !workout && <HouseRules key={`${cid}-${mid}`} stored={stored} movement={m} division={division} />}
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-9 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.42fr)]">
        <section aria-labelledby="rep">
          <h2 id="rep" className="section-head">
            The rep
          </h2>
          <Rules movement={m} />
          <h2 className="section-head mt-5">The judge</h2>
          <dl>
            <Line word="Stands">{m.judge.place.english}</Line>
            <Line word="Calls">{m.judge.call.english}</Line>
            {(m.measures?.length ?? 0) > 0 && (
              <Line word="Measures">
                {m.measures!.map((x) => (
                  <p key={x.english}>{x.english}</p>
                ))}
              </Line>
            )}
          </dl>
        </section>
        <section aria-labelledby="norep">
          <h2 id="norep" className="section-head">
            No rep
          </h2>
          <FaultTable movement={m} />
          {(m.relaxations?.length ?? 0) > 0 && (
            <>
              <h2 className="section-head mt-5">Other tiers usually</h2>
              {m.relaxations!.map((x) => (
                <p key={x.english} className="py-1.5">
                  {x.english}
                </p>
              ))}
            </>
          )}
          <h2 className="section-head mt-5">Cautions</h2>
          {m.cautions.map((c) => (
            <p key={c.english} className="py-1.5">
              {c.english}
            </p>
          ))}
          <p className="text-[0.9rem] text-soft">Local safety rules and the medical lead come first.</p>
        </section>
      </div>
    </main>
  );
}

function Line({ word, children }: { word: string; children: React.ReactNode }) {
  return (
    <div className="grid grid-cols-[6.9rem_minmax(0,1fr)] border-b border-rule py-1.5">
      <dt className="text-soft">{word}</dt>
      <dd>{children}</dd>
    </div>
  );
}

/** The clauses by phase, each with where it comes from when that is not the library. */
export function Rules({ movement: m }: { movement: Movement }) {
  return (
    <dl>
      {order
        .filter((p) => m.clauses.some((c) => c.phase === p && c.kind !== "Tip"))
        .map((p) => (
          <Line key={p} word={phases[p]}>
            {m.clauses
              .filter((c) => c.phase === p && c.kind !== "Tip")
              .map((c) => (
                <ClauseLine key={c.id} clause={c} />
              ))}
          </Line>
        ))}
      {m.clauses
        .filter((c) => c.kind === "Tip")
        .map((c) => (
          <Line key={c.id} word="Tip, no rule">
            {c.text.english}
          </Line>
        ))}
    </dl>
  );
}

function ClauseLine({ clause: c }: { clause: Schemas["Clause"] }) {
  return (
    <p>
      {c.kind === "Allowed" && <span className="text-spruce">allowed: </span>}
      {c.kind === "Measured" && <span className="text-ochre">measured: </span>}
      {c.text.english}
      {origin(c.from) && <span className="block text-[0.87rem] font-semibold text-ochre">{origin(c.from)}</span>}
    </p>
  );
}

export function FaultTable({ movement: m }: { movement: Movement }) {
  return (
    <div className="overflow-x-auto" role="region" aria-label={`No-rep table, ${m.name.english}`} tabIndex={0}>
      <table className="ruled min-w-[34rem]">
        <thead>
          <tr className="text-[0.9rem] text-soft">
            <th scope="col">What you see or hear</th>
            <th scope="col" className="w-40">
              You say
            </th>
            <th scope="col" className="w-52">
              The athlete must
            </th>
          </tr>
        </thead>
        <tbody>
          {m.faults.map((f) => (
            <tr key={f.id}>
              <td>
                {f.sign.english}
                <span className="block text-[0.87rem] text-soft">
                  {perceived[f.by!]}
                  {origin(f.from) && <span className="font-semibold text-ochre"> · {origin(f.from)}</span>}
                </span>
              </td>
              <td className="font-bold">“{f.call.english}”</td>
              <td>
                {f.athlete.english}
                <span className="block text-[0.87rem] text-soft">{consequences[f.then!]}; the clock runs on</span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
