import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, ask, Refused, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Field } from "../ui/Field";
import { Choice } from "../ui/Choice";
import { Message } from "../ui/Message";
import { LiftRows, type Lift } from "./LiftRows";
import { PlaceFields, type Stood } from "./PlaceFields";
import { objectionAt } from "./objections";
import { readCard } from "./readCard";
import { SampleTable } from "./SampleTable";

type Status = Schemas["EntryStatus"];
const statuses: Record<Status, string> = { Ran: "ran", Withdrew: "withdrew", DidNotStart: "did not start" };

/** A key for each field of the card: a piece may have several counters, gates, and members who are counted. */
const keyOf = (f: Schemas["CardField"]) =>
  [f.piece, f.field, f.strand ?? f.task ?? f.mark ?? f.fault, f.number].filter((x) => x != null).join(".");

/** The card of this workout as fields; the answer is score, tie-break, and place, with the reasoning in words. */
export function TryForm({
  cid,
  body,
  division,
  entry,
  members,
  unit,
  draft,
}: {
  cid: string;
  body: string;
  division: string;
  entry: string;
  members: number;
  unit: string;
  draft: string;
}) {
  const tried = useMutation({
    mutationFn: (run: Schemas["RunObservation"] | null) =>
      ask(api.POST("/api/competitions/{id}/try", { params: { path: { id: cid } }, body: { body, division, duty: entry, run } })),
  });
  const card = useQuery(queries.card(cid, { body, division, duty: entry }));
  const [status, setStatus] = useState<Status>("Ran");
  const [unjudged, setUnjudged] = useState(false);
  const [values, setValues] = useState<Record<string, string>>({});
  const [lifts, setLifts] = useState<Record<string, Lift[]>>({});
  const [places, setPlaces] = useState<Record<string, Stood>>({});
  const [local, setLocal] = useState<Record<string, string>>({});
  if (card.isError) return <Message error={card.error} retry={() => void card.refetch()} />;
  if (!card.data)
    return (
      <p className="mt-4 text-quiet" aria-busy="true">
        Loading the card …
      </p>
    );
  const { rules, components } = card.data;
  // What follows from other fields is not asked.
  const fields = card.data.fields.filter((f) => !f.spare);
  const pieces = [...new Set(fields.map((f) => f.piece))];
  const answer = tried.data;
  const samples = answer?.samples ?? card.data.samples;
  const whatIf = answer?.whatIf ?? card.data.whatIf;
  const refused = tried.error instanceof Refused ? tried.error : null;
  const errorAt = (f: Schemas["CardField"]) => local[keyOf(f)] ?? objectionAt(f, fields, refused?.errors ?? {});
  const shown = new Set(fields.map(keyOf));
  const elsewhere = Object.entries(refused?.errors ?? {})
    .filter(([k]) => !k.startsWith("run.pieces[") && k !== "run.status")
    .flatMap(([, v]) => v);

  const submit = () => {
    const { run, wrong } = readCard({ status, unjudged, pieces, fields, tasks: card.data.tasks, values, lifts, places, members });
    setLocal(wrong);
    if (Object.keys(wrong).length === 0) tried.mutate(run);
  };

  return (
    <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-2">
      <section aria-labelledby="rules">
        <div className="section-head">
          <h2 id="rules">The rule</h2>
          <Link className="act" to={draft}>
            Change it in the draft
          </Link>
        </div>
        {rules.length === 0 && (
          <p className="py-2 text-soft">
            No score of this workout can be computed yet: state one in the draft, or settle the notes beside it.
          </p>
        )}
        {rules.map((r, i) => (
          <ul key={i} className="border-b border-rule py-2">
            {r.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        ))}
        <h2 className="section-head mt-5">Sample results</h2>
        <SampleTable components={components} samples={samples} />
        {whatIf.map((w) => (
          <div key={w.title} className="mt-4">
            <h2 className="section-head">If the rule were: {w.title.charAt(0).toLowerCase() + w.title.slice(1)}</h2>
            {w.moves.length === 0 ? (
              <p className="py-1 text-soft">Nobody moves.</p>
            ) : (
              <ul className="py-1">
                {w.moves.map((m) => (
                  <li key={m.sentence}>{m.sentence}</li>
                ))}
              </ul>
            )}
          </div>
        ))}
      </section>
      <section aria-labelledby="try">
        <h2 id="try" className="section-head">
          Try a result
        </h2>
        <form
          className="mt-2 space-y-3"
          onSubmit={(e) => {
            e.preventDefault();
            submit();
          }}
        >
          <Choice
            label="Status"
            value={status}
            of={["Ran", "Withdrew", "DidNotStart"] as const}
            text={(s) => statuses[s]}
            onChange={setStatus}
          />
          {refused?.at("run.status") && (
            <p className="field-error" role="alert">
              {refused.at("run.status")}
            </p>
          )}
          {status !== "DidNotStart" && (
            <div className={fields.length > 12 ? "grid gap-x-6 gap-y-2 sm:grid-cols-2" : "space-y-3"}>
              {fields.map((f) => {
                const key = keyOf(f);
                return f.field === "tries" ? (
                  <LiftRows
                    key={key}
                    label={f.label}
                    unit={f.unit ?? unit}
                    members={members}
                    value={lifts[f.piece] ?? [{ load: "", made: true, seat: 1 }]}
                    error={errorAt(f)}
                    onChange={(v) => setLifts({ ...lifts, [f.piece]: v })}
                  />
                ) : f.field === "stood" ? (
                  <PlaceFields
                    key={key}
                    label={f.label}
                    hint={f.hint}
                    tasks={card.data.tasks.find((t) => t.piece === f.piece)?.tasks ?? []}
                    error={errorAt(f)}
                    value={places[f.piece] ?? { round: "", task: 0, unit: "", option: 0 }}
                    onChange={(v) => setPlaces({ ...places, [f.piece]: v })}
                  />
                ) : (
                  <div key={key}>
                    <Field
                      label={f.label}
                      value={values[key] ?? ""}
                      error={errorAt(f)}
                      onChange={(v) => setValues({ ...values, [key]: v })}
                      className="max-w-80"
                    />
                    {fields.length <= 12 && <p className="text-[0.9rem] text-soft">{f.hint}</p>}
                  </div>
                );
              })}
            </div>
          )}
          {status === "Ran" && shown.size > 0 && (
            <label className="flex items-center gap-2">
              <input type="checkbox" checked={unjudged} onChange={(e) => setUnjudged(e.target.checked)} /> no judge was there: shown, not
              ranked
            </label>
          )}
          <button className="press" disabled={tried.isPending || fields.length === 0}>
            Score it
          </button>
        </form>
        {elsewhere.length > 0 && (
          <p className="field-error" role="alert">
            {elsewhere.join(" ")}
          </p>
        )}
        {refused && Object.keys(refused.errors).length === 0 && (
          <div className="mt-3">
            <Message error={refused} />
          </div>
        )}
        <div aria-live="polite">
          {answer?.tried &&
            !tried.isPending &&
            !refused &&
            answer.tried.results.map((r, i) => (
              <div key={i} className="mt-4 border-t-[1.5px] border-ink pt-2">
                <p className="flex flex-wrap items-baseline justify-between gap-3">
                  <span>
                    {components[i]}: <b className="mono text-[1.35rem]">{r.text}</b>
                  </span>
                  {answer.tried!.places[i] === 0 ? (
                    <span>without a place</span>
                  ) : (
                    <span>
                      place <b className="text-[1.35rem]">{answer.tried!.places[i]}</b> of {answer.tried!.of}
                    </span>
                  )}
                </p>
                {r.tieText && (
                  <p>
                    Tie-break: <span className="mono">{r.tieText}</span>
                  </p>
                )}
                <ul className="mt-1">
                  {r.reasons.map((t) => (
                    <li key={t}>{t}</li>
                  ))}
                </ul>
              </div>
            ))}
          {answer?.tried &&
            !refused &&
            answer.tried.other.map((o) => (
              <p key={o.component} className="mt-3 border-t border-rule pt-2 text-soft">
                Under the other school for the cap, {o.component} would be <span className="mono">{o.text}</span>, place {o.place}.{" "}
                {answer.tried!.otherWords}
              </p>
            ))}
        </div>
      </section>
    </div>
  );
}
