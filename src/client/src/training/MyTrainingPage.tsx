import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { Loading, Message } from "../ui/Message";
import { ChooseTrained } from "./ChooseTrained";
import { Eyes } from "./Eyes";
import { LanguageOfPage } from "./LanguageOfPage";
import { lessMotion } from "./lessMotion";
import { useWords } from "./words";

const whens = Object.fromEntries(
  (["en", "es"] as const).map((l) => [
    l,
    new Intl.DateTimeFormat(l === "en" ? "en-GB" : "es-ES", { day: "numeric", month: "short", hour: "2-digit", minute: "2-digit" }),
  ]),
);

/** A judge’s own page: what can be trained, and what tests say of the own eyes. Nobody but the head judge sees it too. */
export function MyTrainingPage() {
  const { cid = "" } = useParams();
  const { w, lang, say, to } = useWords();
  const when = whens[lang]!;
  const found = useQuery(queries.myTraining(cid));
  if (found.isPending) return <Loading what="your training" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const { name, can, sittings, eyes, remarks, byWords } = found.data;
  const open = sittings.filter((s) => s.sitting.called < s.sitting.reps).slice(0, 3);
  return (
    <main className="mx-auto max-w-[48rem] px-5 py-5" lang={lang}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1>
          {w.training}
          <bdi>{name}</bdi>
        </h1>
        <LanguageOfPage />
      </div>
      <p className="mt-2">{w.intro}</p>
      <Begin cid={cid} can={can} />
      <p className="mt-3">
        <Link className="act" to={to(`/train/${cid}/together`)}>
          {w.together}
        </Link>
      </p>
      <p className="mt-2">
        <Link className="act" to={to(`/train/${cid}/floor`)}>
          {w.floor}
        </Link>
      </p>
      {open.length > 0 && (
        <section className="mt-5" aria-label={w.goOn}>
          <h2 className="section-head">{w.goOn}</h2>
          {open.map(({ sitting: s }) => (
            <p key={s.id} className="flex justify-between gap-4 border-b border-rule py-1">
              <span>
                <bdi>{s.what}</bdi>, {s.mode === "Test" ? w.test : w.learning}{" "}
                <span className="text-soft">
                  {w.called(s.called, s.reps)}, {w.begun} {when.format(new Date(s.at))}
                </span>
              </span>
              <Link className="act whitespace-nowrap" to={to(`/train/${cid}/${s.id}`)}>
                {w.goOn}
              </Link>
            </p>
          ))}
        </section>
      )}
      <section className="mt-5" aria-label={w.eyes}>
        <h2 className="section-head">{w.eyes}</h2>
        {eyes.length === 0 ? <p className="mt-2 text-soft">{w.noTest}</p> : <Eyes eyes={eyes} />}
        {remarks.map((r) => (
          <p key={r.english} className="mt-1 text-soft">
            {say(r)}
          </p>
        ))}
      </section>
      <section className="mt-5" aria-label={w.sittings}>
        <h2 className="section-head">{w.sittings}</h2>
        {sittings.length === 0 && <p className="mt-1 text-soft">{w.none}</p>}
        <ul>
          {sittings.map(({ sitting: s, right }) => (
            <li key={s.id} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
              <span>
                <bdi>{s.what}</bdi>, {s.mode === "Test" ? w.test : w.learning}
                {s.stills && w.inStills}
              </span>
              <span className="text-soft">
                {when.format(new Date(s.at))},{" "}
                {right !== null ? w.right(right, s.reps) : s.called < s.reps ? w.calledSoFar(s.called, s.reps) : w.done}
              </span>
            </li>
          ))}
        </ul>
      </section>
      {byWords.length > 0 && <p className="mt-5 text-soft">{w.byWords(byWords.map(say).join(", "))}</p>}
    </main>
  );
}

function Begin({ cid, can }: { cid: string; can: readonly Schemas["CanTrain"][] }) {
  const { w, say, to } = useWords();
  const go = useNavigate();
  const [chosen, setChosen] = useState(0);
  const [failed, setFailed] = useState<unknown>(null);
  const begin = (mode: Schemas["SittingMode"]) => {
    const of = can[chosen]!;
    const id = crypto.randomUUID();
    setFailed(null);
    ask(
      api.POST("/api/competitions/{id}/training/sittings", {
        params: { path: { id: cid } },
        body: {
          id,
          mode,
          workout: of.workout,
          movement: of.workout ? null : of.movement,
          stills: lessMotion(),
        },
      }),
    ).then(() => {
      void trainingIs.changed(cid);
      void go(to(`/train/${cid}/${id}`));
    }, setFailed);
  };
  if (can.length === 0) return <p className="mt-4 text-soft">{w.nothing}</p>;
  const lacks = can.filter((c) => c.lacks.length > 0);
  return (
    <>
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <ChooseTrained label={w.train} can={can} chosen={chosen} onChange={setChosen} />
        <button className="press" onClick={() => begin("Learning")}>
          {w.learn}
        </button>
        <button className="press-plain" onClick={() => begin("Test")}>
          {w.doTest}
        </button>
      </div>
      {failed !== null && <Message error={failed} />}
      {lacks.length > 0 && (
        <section className="mt-4" aria-label={w.asked}>
          <h2 className="section-head">{w.asked}</h2>
          <ul>
            {lacks.map((c) => (
              <li key={c.workout} className="border-b border-rule py-1">
                <b>
                  <bdi>{say(c.title)}</bdi>
                </b>{" "}
                <span className="text-ochre">{c.lacks.map(say).join("; ")}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
