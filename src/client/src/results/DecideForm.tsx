import { useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { incidentsAre } from "../api/resultQueries";
import { Field } from "../ui/Field";
import { Leaf } from "../ui/Leaf";
import { Message } from "../ui/Message";
import { TextField } from "./TextField";
import { kinds, outcomes } from "./words";

/** Decides an incident, or decides it anew. */
export function DecideForm({
  cid,
  line,
  scores,
  onClose,
}: {
  cid: string;
  line: Schemas["IncidentLine"];
  scores: readonly string[];
  onClose: () => void;
}) {
  const { incident } = line;
  const [now, setNow] = useState({
    outcome: "Stands" as Schemas["IncidentOutcome"],
    reason: "",
    rule: "",
    score: scores[0] ?? "",
    time: "",
    units: "",
  });
  const [failed, setFailed] = useState<Refused | null>(null);
  const [saveId] = useState(() => crypto.randomUUID());
  const store = async () => {
    setFailed(null);
    try {
      incidentsAre(
        cid,
        await ask(
          api.POST("/api/competitions/{id}/incidents/{number}/decision", {
            params: { path: { id: cid, number: incident.number } },
            body: { saveId, seen: incident.decisions.at(-1)?.id ?? 0, ...now },
          }),
        ),
      );
      onClose();
    } catch (e) {
      setFailed(e as Refused);
    }
  };
  const shown = now.outcome === "Adjusted" ? ["reason", "rule", "score", "time", "units"] : ["reason", "rule"];
  return (
    <Leaf open onClose={onClose} title={`Incident ${incident.number}: ${kinds[incident.report.kind]}`} lead={incident.report.what}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void store();
        }}
      >
        <label>
          <span className="block font-semibold">What follows</span>
          <select
            className="max-w-full"
            value={now.outcome}
            onChange={(e) => setNow({ ...now, outcome: e.target.value as Schemas["IncidentOutcome"] })}
          >
            {Object.entries(outcomes).map(([k, text]) => (
              <option key={k} value={k}>
                {text}
              </option>
            ))}
          </select>
        </label>
        {now.outcome === "Adjusted" && (
          <>
            <label>
              <span className="block font-semibold">Score</span>
              <select className="max-w-full" value={now.score} onChange={(e) => setNow({ ...now, score: e.target.value })}>
                {scores.map((s) => (
                  <option key={s}>{s}</option>
                ))}
              </select>
              {failed?.at("score") && (
                <p role="alert" className="field-error">
                  {failed.at("score")}
                </p>
              )}
            </label>
            <div className="grid gap-3 sm:grid-cols-2">
              <Field
                label="Added to a time, such as 0:10"
                value={now.time}
                onChange={(time) => setNow({ ...now, time })}
                error={failed?.at("time")}
              />
              <Field
                label="Added to a count or to the work at the cap, such as -10"
                value={now.units}
                onChange={(units) => setNow({ ...now, units })}
                error={failed?.at("units")}
              />
            </div>
          </>
        )}
        <TextField label="Reason" value={now.reason} onChange={(reason) => setNow({ ...now, reason })} error={failed?.at("reason")} />
        <Field label="Rule it rests on" value={now.rule} onChange={(rule) => setNow({ ...now, rule })} error={failed?.at("rule")} />
        {failed && !shown.some((p) => failed.at(p)) && <Message error={failed} />}
        <button className="press justify-self-start">Decide</button>
      </form>
    </Leaf>
  );
}
