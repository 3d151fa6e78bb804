import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { Field } from "../ui/Field";
import { Message } from "../ui/Message";
import { ChooseTrained } from "./ChooseTrained";

/** Calibration together: begun here, shown in the hall, called on phones or on slips, and slips typed. */
export function Together({ cid }: { cid: string }) {
  const go = useNavigate();
  const can = useQuery(queries.myTraining(cid)).data?.can ?? [];
  const now = useQuery(queries.togetherHere(cid)).data?.here?.together;
  const [chosen, setChosen] = useState(0);
  const [failed, setFailed] = useState<unknown>(null);
  const begin = () => {
    const of = can[chosen];
    if (!of) return;
    const id = crypto.randomUUID();
    ask(
      api.POST("/api/competitions/{id}/together", {
        params: { path: { id: cid } },
        body: { id, workout: of.workout, movement: of.workout ? null : of.movement },
      }),
    ).then(() => {
      void trainingIs.together(cid);
      void go(`/together/${cid}/${id}`);
    }, setFailed);
  };
  return (
    <section className="off-paper mt-5 max-w-4xl" aria-label="Calibration together">
      <h2 className="section-head">Calibration together</h2>
      <p className="mt-1 text-soft">
        Twelve reps on the hall’s screen; everybody calls alone, on the own phone under <i>Train my eyes</i> or on a slip. Then how the hall
        called them, without names, your ruling, and six more.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <ChooseTrained label="What is judged" can={can} chosen={chosen} onChange={setChosen} />
        <button className="press-plain" disabled={can.length === 0} onClick={begin}>
          Begin
        </button>
        {now && (
          <Link className="act" to={`/together/${cid}/${now.id}`}>
            Back to {now.what}, rep {now.shown} of {now.reps}
          </Link>
        )}
        <Link className="act" to={`/c/${cid}/slips`}>
          Slips to print
        </Link>
      </div>
      {failed !== null && <Message error={failed} />}
      {now && now.shown > 0 && <Slip cid={cid} together={now} />}
    </section>
  );
}

function Slip({ cid, together }: { cid: string; together: Schemas["Together"] }) {
  const [id, setId] = useState(() => crypto.randomUUID());
  const [marks, setMarks] = useState("");
  const [failed, setFailed] = useState<Refused | null>(null);
  const [typed, setTyped] = useState(0);
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        setFailed(null);
        ask(
          api.POST("/api/competitions/{id}/together/{together}/slips", {
            params: { path: { id: cid, together: together.id } },
            body: { id, marks },
          }),
        ).then(
          () => {
            setMarks("");
            setId(crypto.randomUUID());
            setTyped((n) => n + 1);
          },
          (x: unknown) => setFailed(x as Refused),
        );
      }}
    >
      <Field
        label="A slip, in order: G good, N no-rep, - not seen"
        className="w-96"
        value={marks}
        onChange={setMarks}
        error={failed?.at("marks")}
      />
      <button className="press-plain" disabled={!marks.trim()}>
        Type it in
      </button>
      {typed > 0 && (
        <span role="status" className="text-soft">
          {typed} typed
        </span>
      )}
      {failed && !failed.at("marks") && <Message error={failed} />}
    </form>
  );
}
