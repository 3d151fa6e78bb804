import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { Made } from "../access/Made";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { useRights } from "../day/useRights";
import { Field } from "../ui/Field";
import { Loading, Message } from "../ui/Message";
import { Eyes } from "./Eyes";
import { FloorReps } from "./FloorReps";
import { Together } from "./Together";

/** The training of all judges, for the head judge: what is asked, what tests say, and the links by which judges train. */
export function TrainingPage() {
  const { cid = "" } = useParams();
  const may = useRights(cid);
  const own = (
    <p className="off-paper mt-3">
      <Link className="act" to={`/train/${cid}`}>
        Train my own eyes
      </Link>
    </p>
  );
  return (
    <main className="px-6 py-4">
      <h1>Training of judges</h1>
      {may("SeeEyes") ? (
        <All cid={cid} own={own} />
      ) : (
        <>
          <p className="mt-2 max-w-3xl">What tests say of judges’ eyes is between each judge and the head judge.</p>
          {may("Train") && own}
        </>
      )}
    </main>
  );
}

function All({ cid, own }: { cid: string; own: React.ReactNode }) {
  const found = useQuery(queries.allTraining(cid));
  if (found.isPending) return <Loading what="the training" />;
  if (found.isError) return <Message error={found.error} retry={() => void found.refetch()} />;
  const { asked, step, judges } = found.data;
  return (
    <>
      <p className="mt-2 max-w-3xl">
        By name, for you alone; each judge sees the own figures. Tests count, learning does not. A difference from the line that stands
        within its interval of 0 is no difference: do not speak to a judge about it.
      </p>
      {own}
      <Together cid={cid} />
      <Ask key={JSON.stringify(asked)} cid={cid} asked={asked} step={step} />
      <FloorReps cid={cid} />
      <section className="mt-5 max-w-4xl" aria-label="Judges">
        <h2 className="section-head">Judges</h2>
        {judges.length === 0 && <p className="mt-2">No judge is named yet: name them under Judges.</p>}
        <ul>
          {judges.map((j) => (
            <Judge key={j.trainee} cid={cid} judge={j} />
          ))}
        </ul>
      </section>
    </>
  );
}

function Judge({ cid, judge: j }: { cid: string; judge: Schemas["JudgeTraining"] }) {
  const [link, setLink] = useState<Schemas["MadeLink"] | null>(null);
  const [failed, setFailed] = useState<unknown>(null);
  const give = () => {
    setFailed(null);
    ask(api.POST("/api/competitions/{id}/training/links", { params: { path: { id: cid } }, body: { official: j.trainee, days: 30 } })).then(
      setLink,
      setFailed,
    );
  };
  return (
    <li className="border-b border-rule py-2">
      <details>
        <summary className="cursor-pointer">
          <bdi className="font-semibold">{j.name}</bdi>{" "}
          <span className="text-soft">
            {j.sittings === 0 ? "has not trained" : `${j.sittings} ${j.sittings === 1 ? "sitting" : "sittings"}, ${j.calls} calls in tests`}
          </span>
          {j.lacks.length > 0 && <span className="block pl-4 text-ochre">lacks {j.lacks.join("; ")}</span>}
        </summary>
        <div className="pl-4">
          <Eyes eyes={j.eyes} />
          {j.remarks.map((r) => (
            <p key={r.english} className="mt-1 text-soft">
              {r.english}
            </p>
          ))}
          <p className="mt-2">
            <button className="act" onClick={give}>
              A link to train by
            </button>
          </p>
          {failed !== null && <Message error={failed} />}
          {link && <Made link={link} of={j.name} />}
        </div>
      </details>
    </li>
  );
}

function Ask({ cid, asked, step }: { cid: string; asked: Schemas["Requirement"]; step: string }) {
  const text = (n: number | null) => (n === null ? "" : String(n));
  const [calls, setCalls] = useState(String(asked.calls));
  const [within, setWithin] = useState(text(asked.withinSteps));
  const [right, setRight] = useState(text(asked.rightPercent));
  const [failed, setFailed] = useState<Refused | null>(null);
  const [done, setDone] = useState(false);
  const number = (t: string) => (t.trim() === "" ? null : Number(t.replace(",", ".")));
  return (
    <form
      className="off-paper mt-4 max-w-4xl border-y border-rule py-3"
      onSubmit={(e) => {
        e.preventDefault();
        setFailed(null);
        ask(
          api.PUT("/api/competitions/{id}/training/asked", {
            params: { path: { id: cid } },
            body: { calls: number(calls) ?? 0, withinSteps: number(within), rightPercent: number(right) },
          }),
        )
          .then(() => setDone(true))
          .catch((x: unknown) => setFailed(x as Refused))
          .finally(() => void trainingIs.changed(cid));
      }}
    >
      <h2>Asked before somebody may judge a workout</h2>
      <p className="text-soft">
        Of each of its movements that can be trained. Nothing is a good answer for a small competition; the plan of judges reads what stands
        here. {step}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <Field label="Calls in tests" className="w-32" value={calls} onChange={setCalls} error={failed?.at("calls")} />
        <Field
          label="Line within, steps (empty: not asked)"
          className="w-72"
          value={within}
          onChange={setWithin}
          error={failed?.at("withinSteps")}
        />
        <Field
          label="Right of a hundred (empty: not asked)"
          className="w-72"
          value={right}
          onChange={setRight}
          error={failed?.at("rightPercent")}
        />
        <button className="press-plain">Save</button>
      </div>
      {failed && Object.keys(failed.errors).length === 0 && <Message error={failed} />}
      {done && !failed && (
        <p role="status" className="text-soft">
          Saved.
        </p>
      )}
    </form>
  );
}
