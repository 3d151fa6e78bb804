import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { Link } from "react-router";
import { api, ask, Refused, type Movement, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Loading, Message } from "../ui/Message";

type Said = Schemas["SaidHere"];
type Where = { line: number | null; division: string | null };

const NOT = "does not apply";

/** What one workout, or one place in it, says differently of a standard. It is written into the draft. */
export function InWorkout({
  cid,
  workout,
  title,
  movement: m,
  book,
}: {
  cid: string;
  workout: string;
  title: string;
  movement: Movement;
  book: Movement;
}) {
  const [error, setError] = useState<Refused | null>(null);
  const [done, setDone] = useState("");
  const [busy, setBusy] = useState(false);
  const [form, setForm] = useState<{ clause: string; where: string; text: string }>({ clause: "", where: "", text: "" });
  const here = useQuery(queries.standardHere(workout, m.id));
  if (here.isError) return <Message error={here.error} retry={() => void here.refetch()} />;
  if (!here.data) return <Loading what="what this workout says" />;
  const { places, said, divisions, revision } = here.data;
  // What this workout leaves out is no longer in the standard as it holds here, but can be said again.
  const clauses = [...m.clauses, ...book.clauses.filter((c) => !m.clauses.some((o) => o.id === c.id))]
    .filter((c) => c.kind !== "Tip")
    .map((c) => ({ id: c.id, words: c.text.english }));
  const say = async (clause: string, where: Where, text: string | null, words: string) => {
    setBusy(true);
    try {
      const now = await ask(
        api.PUT("/api/workouts/{id}/standards/{movement}", {
          params: { path: { id: workout, movement: m.id } },
          body: { baseRevision: revision, saveId: crypto.randomUUID(), clause, ...where, text },
        }),
      );
      queryClient.setQueryData(queries.standardHere(workout, m.id).queryKey, now);
      setError(null);
      setDone(words);
      if (text !== null) setForm({ clause: "", where: form.where, text: "" });
      void changed.ruleOf(cid, workout);
    } catch (e) {
      setDone("");
      setError(e as Refused);
      if ((e as Refused).status === 409) void here.refetch();
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-labelledby="here" className="mt-4">
      <div className="section-head">
        <h2 id="here">
          In <bdi>{title}</bdi>
        </h2>
        <span className="flex flex-wrap items-baseline gap-x-4 text-[0.9rem] font-normal">
          <span role="status" className="text-soft">
            {done}
          </span>
          <Link className="act" to={`/c/${cid}/w/${workout}`}>
            to the draft
          </Link>
        </span>
      </div>
      {places.length === 0 ? (
        <p className="py-1 text-[0.9rem] text-soft">This workout does without it.</p>
      ) : (
        <>
          {said.map((s) => (
            <SaidRow
              key={`${s.clause} ${s.line ?? ""} ${s.division ?? ""}`}
              said={s}
              words={book.clauses.find((c) => c.id === s.clause)?.text.english}
              place={places.find((p) => p.line === s.line)?.text}
              busy={busy}
              onChange={() => setForm({ clause: s.clause, where: code(s), text: s.text })}
              onTake={() => void say(s.clause, { line: s.line ?? null, division: s.division ?? null }, null, "Taken back.")}
            />
          ))}
          <form
            className="grid gap-x-4 gap-y-2 py-2 lg:grid-cols-[1fr_1fr]"
            onSubmit={(e) => {
              e.preventDefault();
              void say(form.clause, where(form.where), form.text, "Written into the draft.");
            }}
          >
            <Choice
              label="Say differently"
              value={form.clause}
              error={error?.at("clause")}
              onChange={(clause) => setForm({ ...form, clause, text: clauses.find((c) => c.id === clause)?.words ?? "" })}
            >
              <option value="" disabled>
                which rule?
              </option>
              {clauses.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.words}
                </option>
              ))}
            </Choice>
            <Choice
              label="Where"
              value={form.where}
              error={error?.at("line") ?? error?.at("division")}
              onChange={(w) => setForm({ ...form, where: w })}
            >
              <option value="">in the whole workout</option>
              {places.map((p) => (
                <option key={p.line} value={`l${p.line}`}>
                  only at line {p.line}: {p.text}
                </option>
              ))}
              {divisions.map((d) => (
                <option key={d} value={`d${d}`}>
                  in the whole workout, for {d}
                </option>
              ))}
            </Choice>
            {form.clause && (
              <Wording value={form.text} error={error?.at("text")} busy={busy} onChange={(text) => setForm({ ...form, text })} />
            )}
          </form>
        </>
      )}
      {error && Object.keys(error.errors).length === 0 && <Message error={error} />}
    </section>
  );
}

const code = (s: Said) => (s.line != null ? `l${s.line}` : s.division ? `d${s.division}` : "");

const where = (w: string): Where => ({
  line: w.startsWith("l") ? Number(w.slice(1)) : null,
  division: w.startsWith("d") ? w.slice(1) : null,
});

function SaidRow({
  said: s,
  words,
  place,
  busy,
  onChange,
  onTake,
}: {
  said: Said;
  words: string | undefined;
  place: string | undefined;
  busy: boolean;
  onChange: () => void;
  onTake: () => void;
}) {
  return (
    <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-rule py-1.5" data-said={s.clause}>
      <span className="min-w-0 flex-1">
        {s.text === NOT ? <>Does not apply: {words ?? s.clause}</> : s.text}
        <span className="block text-[0.87rem] font-semibold text-ochre">
          {s.line != null ? `only at line ${s.line}: ${place ?? ""}` : s.division ? `this workout, ${s.division}` : "this workout"}
        </span>
      </span>
      <button className="act" onClick={onChange}>
        Change
      </button>
      <button className="act" disabled={busy} onClick={onTake}>
        Take it back
      </button>
    </p>
  );
}

function Choice({
  label,
  value,
  error,
  onChange,
  children,
}: {
  label: string;
  value: string;
  error: string | undefined;
  onChange: (v: string) => void;
  children: React.ReactNode;
}) {
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="text-[0.9rem] text-soft">
        {label}
      </label>
      <select
        id={id}
        className="w-full"
        value={value}
        aria-invalid={!!error}
        aria-describedby={error ? `${id}-e` : undefined}
        onChange={(e) => onChange(e.target.value)}
      >
        {children}
      </select>
      {error && (
        <p id={`${id}-e`} role="alert" className="field-error">
          {error}
        </p>
      )}
    </div>
  );
}

function Wording({
  value,
  error,
  busy,
  onChange,
}: {
  value: string;
  error: string | undefined;
  busy: boolean;
  onChange: (v: string) => void;
}) {
  const id = useId();
  const gone = value === NOT;
  return (
    <>
      <div className="min-w-0">
        <label htmlFor={id} className="text-[0.9rem] text-soft">
          Said aloud
        </label>
        <textarea
          id={id}
          rows={2}
          className="w-full"
          value={gone ? "" : value}
          disabled={gone}
          aria-invalid={!!error}
          aria-describedby={error ? `${id}-e` : undefined}
          onChange={(e) => onChange(e.target.value)}
        />
        {error && (
          <p id={`${id}-e`} role="alert" className="field-error">
            {error}
          </p>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <label className="flex items-center gap-2">
          <input type="checkbox" className="min-h-0" checked={gone} onChange={(e) => onChange(e.target.checked ? NOT : "")} />
          does not apply here
        </label>
        <button className="press" disabled={busy}>
          Write it into the draft
        </button>
      </div>
    </>
  );
}
