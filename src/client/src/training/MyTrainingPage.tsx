import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { Loading, Message } from "../ui/Message";
import { ChooseTrained } from "./ChooseTrained";
import { Eyes } from "./Eyes";
import { lessMotion } from "./lessMotion";

const when = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", hour: "2-digit", minute: "2-digit" });

/** A judge’s own page: what can be trained, and what tests say of the own eyes. Nobody but the head judge sees it too. */
export function MyTrainingPage() {
  const { cid = "" } = useParams();
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
    <main className="mx-auto max-w-[48rem] px-5 py-5">
      <h1>
        Training of <bdi>{name}</bdi>
      </h1>
      <p className="mt-2">
        Watch a rep and call it. In <b>learning</b> the line and the distance are shown after each call; in a <b>test</b> nothing is shown
        until the end, and tests alone count. A sitting takes some eight minutes; stop whenever you like and go on later. You and the head
        judge see the figures below, nobody else.
      </p>
      <Begin cid={cid} can={can} />
      <p className="mt-3">
        <Link className="act" to={`/train/${cid}/together`}>
          Calibration together, in the hall
        </Link>
      </p>
      <p className="mt-2">
        <Link className="act" to={`/train/${cid}/floor`}>
          Borderline reps of this floor
        </Link>
      </p>
      {open.length > 0 && (
        <section className="mt-5" aria-label="Go on">
          <h2 className="section-head">Go on</h2>
          {open.map(({ sitting: s }) => (
            <p key={s.id} className="flex justify-between gap-4 border-b border-rule py-1">
              <span>
                <bdi>{s.what}</bdi>, {s.mode === "Test" ? "test" : "learning"}{" "}
                <span className="text-soft">
                  {s.called} of {s.reps}, begun {when.format(new Date(s.at))}
                </span>
              </span>
              <Link className="act" to={`/train/${cid}/${s.id}`}>
                Go on
              </Link>
            </p>
          ))}
        </section>
      )}
      <section className="mt-5" aria-label="Your eyes">
        <h2 className="section-head">Your eyes, by tests</h2>
        {eyes.length === 0 ? <p className="mt-2 text-soft">No test yet, so there is nothing to say.</p> : <Eyes eyes={eyes} />}
        {remarks.map((r) => (
          <p key={r} className="mt-1 text-ochre">
            {r}
          </p>
        ))}
      </section>
      <section className="mt-5" aria-label="Sittings">
        <h2 className="section-head">Sittings</h2>
        {sittings.length === 0 && <p className="mt-1 text-soft">None yet.</p>}
        <ul>
          {sittings.map(({ sitting: s, right }) => (
            <li key={s.id} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
              <span>
                <bdi>{s.what}</bdi>, {s.mode === "Test" ? "test" : "learning"}
                {s.stills && " in still pictures"}
              </span>
              <span className="text-soft">
                {when.format(new Date(s.at))},{" "}
                {right !== null ? `${right} of ${s.reps} right` : s.called < s.reps ? `${s.called} of ${s.reps} called` : "done"}
              </span>
            </li>
          ))}
        </ul>
      </section>
      {byWords.length > 0 && (
        <p className="mt-5 text-soft">
          Trained by words and pictures, since no pose decides them: {byWords.join(", ")}. Read their standards.
        </p>
      )}
    </main>
  );
}

function Begin({ cid, can }: { cid: string; can: readonly Schemas["CanTrain"][] }) {
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
      void go(`/train/${cid}/${id}`);
    }, setFailed);
  };
  if (can.length === 0) return <p className="mt-4 text-soft">Nothing of this competition can be trained yet.</p>;
  const lacks = can.filter((c) => c.lacks.length > 0);
  return (
    <>
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <ChooseTrained label="Train" can={can} chosen={chosen} onChange={setChosen} />
        <button className="press" onClick={() => begin("Learning")}>
          Learn
        </button>
        <button className="press-plain" onClick={() => begin("Test")}>
          Test
        </button>
      </div>
      {failed !== null && <Message error={failed} />}
      {lacks.length > 0 && (
        <section className="mt-4" aria-label="Asked before you judge">
          <h2 className="section-head">Asked before you judge</h2>
          <ul>
            {lacks.map((c) => (
              <li key={c.workout} className="border-b border-rule py-1">
                <b>
                  <bdi>{c.title}</bdi>
                </b>{" "}
                <span className="text-ochre">{c.lacks.join("; ")}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
