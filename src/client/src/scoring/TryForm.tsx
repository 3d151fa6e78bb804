import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, ask, Refused, type Schemas } from "../api/client";
import { Field } from "../competition/Field";
import { Choice } from "../ui/Choice";
import { Message } from "../ui/Message";
import { readClock } from "../ui/time";

type Status = Schemas["EntryStatus"];
type Stood = { round: string; task: string; unit: string };
type Lift = { load: string; made: boolean };
const statuses: Record<Status, string> = { Ran: "ran", Withdrew: "withdrew", DidNotStart: "did not start" };

/** The card of this workout as fields; the answer is score, tie-break, and place, with the reasoning in words. */
export function TryForm({ cid, body, division, duty, unit, draft }: { cid: string; body: string; division: string; duty: string; unit: string; draft: string }) {
  const ask1 = (run: Schemas["RunObservation"] | null) => ask(api.POST("/api/competitions/{id}/try", { params: { path: { id: cid } }, body: { body, division, duty, run } }));
  const card = useQuery({ queryKey: ["card", cid, body, division, duty], queryFn: () => ask1(null) });
  const tried = useMutation({ mutationFn: ask1 });
  const [status, setStatus] = useState<Status>("Ran");
  const [values, setValues] = useState<Record<string, string>>({});
  const [lifts, setLifts] = useState<Record<string, Lift[]>>({});
  const [places, setPlaces] = useState<Record<string, Stood>>({});
  const [local, setLocal] = useState<Record<string, string>>({});
  if (card.isError) return <Message error={card.error} retry={() => void card.refetch()} />;
  if (!card.data) return <p className="mt-4 text-quiet" aria-busy="true">Loading the card …</p>;
  const { fields, rules, components } = card.data;
  const pieces = [...new Set(fields.map((f) => f.piece))];
  const answer = tried.data;
  const samples = answer?.samples ?? card.data.samples;
  const refused = tried.error instanceof Refused ? tried.error : null;
  const errorAt = (piece: string, field: string) => {
    const i = pieces.indexOf(piece);
    const under = Object.entries(refused?.errors ?? {}).filter(([k]) => k.startsWith(`run.pieces[${i}].${field}`)).flatMap(([, v]) => v);
    return local[`${piece}.${field}`] ?? (under.length ? under.join(" ") : undefined);
  };

  const submit = () => {
    const wrong: Record<string, string> = {};
    const time = (key: string) => {
      const text = values[key]?.trim() ?? "";
      const ms = text === "" ? null : readClock(text);
      if (text !== "" && ms === null) wrong[key] = "A time such as 8:32.";
      return ms;
    };
    const run: Schemas["RunObservation"] = {
      status,
      pieces: pieces.map((piece) => {
        const text = values[`${piece}.units`]?.trim() ?? "";
        if (text !== "" && !/^\d{1,9}$/.test(text)) wrong[`${piece}.units`] = "A whole number.";
        const tries = (lifts[piece] ?? []).filter((l) => l.load.trim() !== "");
        if (tries.some((l) => !/^\d{1,4}(\.\d{1,3})?$/.test(l.load.trim()))) wrong[`${piece}.tries`] = "Each load is a number such as 87.5.";
        const at = places[piece];
        const tasks = card.data.tasks.find((t) => t.piece === piece);
        const given = !!at && (at.unit.trim() !== "" || at.round.trim() !== "");
        if (given && (!/^\d{1,9}$/.test(at.unit.trim()) || (tasks?.inRounds && !/^\d{1,9}$/.test(at.round.trim())))) wrong[`${piece}.stood`] = "Whole numbers for round and reps.";
        const stood = given && !wrong[`${piece}.stood`] ? { round: tasks?.inRounds ? Number(at.round) : null, task: Number(at.task), unit: Number(at.unit) } : null;
        return {
          stood, piece, finish: time(`${piece}.finish`), units: text === "" ? null : Number(text), tieTime: time(`${piece}.tieTime`),
          tries: tries.map((l) => ({ load: Number(l.load), made: l.made })),
        };
      }),
    };
    setLocal(wrong);
    if (Object.keys(wrong).length === 0) tried.mutate(run);
  };

  return (
    <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-2">
      <section aria-labelledby="rules">
        <div className="section-head"><h2 id="rules">The rule</h2><Link className="act" to={draft}>Change it in the draft</Link></div>
        {rules.length === 0 && <p className="py-2 text-soft">No score of this workout is computed yet: state one in the draft, or settle the notes beside it.</p>}
        {rules.map((r, i) => <ul key={i} className="border-b border-rule py-2">{r.map((s) => <li key={s}>{s}</li>)}</ul>)}
        <h2 className="section-head mt-5">Sample results</h2>
        <div className="overflow-x-auto" role="region" aria-label="Sample results" tabIndex={0}>
          <table className="ruled">
            <thead><tr className="text-[0.9rem] text-soft"><th scope="col">Invented run</th>{components.map((c) => [<th key={c} scope="col">{c}</th>, <th key={c + "p"} scope="col" className="!text-right">place</th>])}</tr></thead>
            <tbody>
              {samples.map((s) => (
                <tr key={s.label}>
                  <th scope="row" className="font-normal text-soft">{s.label}</th>
                  {s.results.map((r, i) => [<td key={i} className="mono" title={r.reasons.join(" ")}>{r.text}{r.tieText && <span className="block text-[0.87rem] text-soft">{r.tieText}</span>}</td>, <td key={`${i}p`} className="text-right">{s.places[i]}</td>])}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </section>
      <section aria-labelledby="try">
        <h2 id="try" className="section-head">Try a result</h2>
        <form className="mt-2 space-y-3" onSubmit={(e) => { e.preventDefault(); submit(); }}>
          <Choice label="Status" value={status} of={["Ran", "Withdrew", "DidNotStart"] as const} text={(s) => statuses[s]} onChange={setStatus} />
          {refused?.at("run.status") && <p className="field-error" role="alert">{refused.at("run.status")}</p>}
          {status !== "DidNotStart" && fields.map((f) => {
            const key = `${f.piece}.${f.field}`;
            return f.field === "tries"
              ? <Tries key={key} label={f.label} unit={unit} value={lifts[f.piece] ?? [{ load: "", made: true }]} error={errorAt(f.piece, "tries")} onChange={(v) => setLifts({ ...lifts, [f.piece]: v })} />
              : f.field === "stood"
              ? <Where key={key} label={f.label} hint={f.hint} tasks={card.data.tasks.find((t) => t.piece === f.piece)!} error={errorAt(f.piece, "stood")} value={places[f.piece] ?? { round: "", task: "0", unit: "" }} onChange={(v) => setPlaces({ ...places, [f.piece]: v })} />
              : <div key={key}><Field label={f.label} value={values[key] ?? ""} error={errorAt(f.piece, f.field)} onChange={(v) => setValues({ ...values, [key]: v })} className="max-w-80" /><p className="text-[0.9rem] text-soft">{f.hint}</p></div>;
          })}
          <button className="press" disabled={tried.isPending || fields.length === 0}>Score it</button>
        </form>
        {refused && Object.keys(refused.errors).length === 0 && <div className="mt-3"><Message error={refused} /></div>}
        <div aria-live="polite">
          {answer?.tried && !tried.isPending && !refused && answer.tried.results.map((r, i) => (
            <div key={i} className="mt-4 border-t-[1.5px] border-ink pt-2">
              <p className="flex flex-wrap items-baseline justify-between gap-3"><span>{components[i]}: <b className="mono text-[1.35rem]">{r.text}</b></span><span>place <b className="text-[1.35rem]">{answer.tried!.places[i]}</b> of {answer.tried!.of}</span></p>
              {r.tieText && <p>Tie-break: <span className="mono">{r.tieText}</span></p>}
              <ul className="mt-1">{r.reasons.map((t) => <li key={t}>{t}</li>)}</ul>
            </div>
          ))}
          {answer?.tried && !refused && answer.tried.other.map((o) => (
            <p key={o.component} className="mt-3 border-t border-rule pt-2 text-soft">Under the other school for the cap, {o.component} would be <span className="mono">{o.text}</span>, place {o.place}. {answer.tried!.otherWords}</p>
          ))}
        </div>
      </section>
    </div>
  );
}

/** A place in the ledger instead of a count: the server turns it into one. */
function Where({ label, hint, tasks, value, error, onChange }: { label: string; hint: string; tasks: Schemas["PieceTasks"]; value: Stood; error?: string; onChange: (v: Stood) => void }) {
  return (
    <fieldset>
      <legend className="font-semibold">{label}</legend>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {tasks.inRounds && <>round <Field label={`${label}: round`} hideLabel value={value.round} className="w-20" onChange={(v) => onChange({ ...value, round: v })} /></>}
        <select aria-label={`${label}: task`} className="max-w-52" value={value.task} onChange={(e) => onChange({ ...value, task: e.target.value })}>
          {tasks.names.map((n, i) => <option key={i} value={i}>{n}</option>)}
        </select>
        <Field label={`${label}: reps of it`} hideLabel value={value.unit} className="w-20" onChange={(v) => onChange({ ...value, unit: v })} /> reps
      </div>
      {error ? <p className="field-error" role="alert">{error}</p> : <p className="text-[0.9rem] text-soft">{hint}</p>}
    </fieldset>
  );
}

function Tries({ label, unit, value, error, onChange }: { label: string; unit: string; value: Lift[]; error?: string; onChange: (v: Lift[]) => void }) {
  return (
    <fieldset>
      <legend className="font-semibold">{label}</legend>
      {value.map((l, i) => (
        <div key={i} className="mt-1 flex flex-wrap items-center gap-4">
          <Field label={`Load of lift ${i + 1}, ${unit}`} hideLabel value={l.load} className="w-28" onChange={(v) => onChange(value.map((o, j) => (j === i ? { ...o, load: v } : o)))} />
          <span className="text-soft">{unit}</span>
          <Choice label={`Lift ${i + 1}`} value={l.made ? "made" : "missed"} of={["made", "missed"] as const} onChange={(v) => onChange(value.map((o, j) => (j === i ? { ...o, made: v === "made" } : o)))} />
          {value.length > 1 && <button type="button" className="act" aria-label={`Remove lift ${i + 1}`} onClick={() => onChange(value.filter((_, j) => j !== i))}>remove</button>}
        </div>
      ))}
      <button type="button" className="act" onClick={() => onChange([...value, { load: "", made: true }])}>Add a lift</button>
      {error && <p className="field-error" role="alert">{error}</p>}
    </fieldset>
  );
}
