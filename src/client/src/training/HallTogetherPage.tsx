import "../styles/hall.css";
import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { useParams } from "react-router";
import { api, ask, asJson, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { Loading, Message } from "../ui/Message";
import { FilmView } from "./FilmView";
import { lessMotion } from "./lessMotion";

/** The hall’s screen in a calibration: a rep after the other, then how the hall called them, without names; the ruling; some more. */
export function HallTogetherPage() {
  const { cid = "", together = "" } = useParams();
  const said = useQuery(queries.togetherSaid(cid, together));
  const [spread, setSpread] = useState(false);
  const [failed, setFailed] = useState<unknown>(null);
  const done = (work: Promise<unknown>) => {
    setFailed(null);
    work.catch(setFailed).finally(() => void trainingIs.together(cid));
  };
  if (said.isPending) return <Loading what="the calibration" />;
  if (said.isError)
    return (
      <main className="hall">
        <Message error={said.error} retry={() => void said.refetch()} />
      </main>
    );
  const { together: t, answered, reps, sentence } = said.data;
  const show = (number: number) => {
    setSpread(false);
    done(
      ask(
        api.POST("/api/competitions/{id}/together/{together}/shown/{number}", {
          params: { path: { id: cid, together, number } },
          ...asJson,
        }),
      ),
    );
  };
  const paused = t.shown === t.first || t.shown === t.reps;
  const called = reps.filter((r) => r.number === t.shown).map((r) => r.good + r.noRep + r.unseen)[0] ?? 0;
  return (
    <main className="hall flex h-dvh flex-col">
      <header className="flex items-baseline justify-between gap-8">
        <h1>
          <bdi>{t.what}</bdi>
        </h1>
        <p className="hall-soft">
          {t.shown === 0 ? `${t.first} reps, then the ruling, then ${t.reps - t.first} more` : `rep ${t.shown} of ${t.reps}`}
          {t.shown > 0 && `, called by ${called}${answered ? ` of ${answered}` : ""}`}
        </p>
      </header>
      <div
        className={`min-h-0 flex-1 py-4 ${spread ? "overflow-auto text-[0.62em]" : ""}`}
        tabIndex={spread ? 0 : undefined}
        role={spread ? "region" : undefined}
        aria-label={spread ? "Calls, rep by rep" : undefined}
      >
        {spread ? (
          <Spread reps={reps} from={t.shown > t.first ? t.first + 1 : 1} sentence={sentence} />
        ) : t.shown > 0 ? (
          <Shown key={t.shown} cid={cid} together={together} number={t.shown} />
        ) : (
          <p className="text-[2rem]">Everybody calls alone, on the own phone or on a slip: good, no-rep, or not seen.</p>
        )}
      </div>
      {spread && <Ruling key={t.ruling} ruling={t.ruling} onSay={(r) => done(rule(cid, together, r))} />}
      {failed !== null && <Message error={failed} />}
      <p className="flex flex-wrap gap-6">
        {t.shown < t.reps && (!paused || spread || t.shown === 0) && (
          <button className="press !text-[1.2rem]" onClick={() => show(t.shown + 1)}>
            {t.shown === 0 ? "Show the first rep" : "Next rep"}
          </button>
        )}
        {paused && !spread && (
          <button className="press !text-[1.2rem]" onClick={() => setSpread(true)}>
            How the hall called them
          </button>
        )}
      </p>
    </main>
  );
}

const rule = (cid: string, together: string, ruling: string) =>
  ask(api.PUT("/api/competitions/{id}/together/{together}/ruling", { params: { path: { id: cid, together } }, body: { ruling } }));

function Shown({ cid, together, number }: { cid: string; together: string; number: number }) {
  const rep = useQuery(queries.togetherRep(cid, together, number));
  const [round, setRound] = useState(0);
  if (rep.isPending) return <Loading what="the rep" />;
  if (rep.isError) return <Message error={rep.error} retry={() => void rep.refetch()} />;
  return (
    <div className="flex h-full flex-col">
      <p className="hall-soft">
        {rep.data.movement.english}. {rep.data.place.english}
      </p>
      <div className="hall-film min-h-0 flex-1">
        <FilmView key={round} film={rep.data.film} stills={lessMotion() ? rep.data.stills : null} />
      </div>
      <p className="text-right">
        <button className="act" onClick={() => setRound((n) => n + 1)}>
          Once more
        </button>
      </p>
    </div>
  );
}

/** What was called of each rep, as bars of the same length, and what it was. */
function Spread({ reps, from, sentence }: { reps: readonly Schemas["TogetherTally"][]; from: number; sentence: string }) {
  return (
    <>
      <p className="text-[1.3rem]" role="status">
        {sentence}
      </p>
      <table className="hall-table mt-3">
        <thead>
          <tr>
            <th scope="col">Rep</th>
            <th scope="col">Good</th>
            <th scope="col">No-rep</th>
            <th scope="col">Not seen</th>
            <th scope="col">What it was</th>
          </tr>
        </thead>
        <tbody>
          {reps
            .filter((r) => r.number >= from)
            .map((r) => (
              <tr key={r.number}>
                <td>{r.number}</td>
                <td className={r.isGood ? "font-bold" : ""}>{r.good}</td>
                <td className={r.isGood ? "" : "font-bold"}>{r.noRep}</td>
                <td>{r.unseen}</td>
                <td>{r.sentence}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </>
  );
}

function Ruling({ ruling, onSay }: { ruling: string; onSay: (ruling: string) => void }) {
  const id = useId();
  const [text, setText] = useState(ruling);
  return (
    <form
      className="mb-3 flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        onSay(text);
      }}
    >
      <div className="min-w-0 flex-1">
        <label htmlFor={id} className="block font-semibold">
          The ruling, in a sentence
        </label>
        <input id={id} className="w-full text-ink" value={text} onChange={(e) => setText(e.target.value)} />
      </div>
      <button className="press-plain">Write it down</button>
      {ruling && <p className="hall-soft w-full">Written down: {ruling}</p>}
    </form>
  );
}
