import { useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { incidentsAre } from "../api/resultQueries";
import { Field } from "../ui/Field";
import { Leaf } from "../ui/Leaf";
import { Message } from "../ui/Message";
import { TextField } from "./TextField";
import { kinds } from "./words";

/** Writes an incident down. */
export function ReportForm({
  cid,
  workouts,
  onClose,
}: {
  cid: string;
  workouts: readonly Schemas["IncidentWorkout"][];
  onClose: () => void;
}) {
  const [now, setNow] = useState({
    kind: "Protest" as Schemas["IncidentKind"],
    workout: workouts[0]!.id,
    heat: "",
    entries: "",
    what: "",
    by: "",
  });
  const [failed, setFailed] = useState<Refused | null>(null);
  const [saveId] = useState(() => crypto.randomUUID());
  const heats = workouts.find((w) => w.id === now.workout)?.heats ?? [];
  const store = async () => {
    setFailed(null);
    try {
      incidentsAre(
        cid,
        await ask(
          api.POST("/api/competitions/{id}/incidents", {
            params: { path: { id: cid } },
            body: {
              saveId,
              kind: now.kind,
              workout: now.workout,
              heat: now.heat || null,
              entries: now.entries.split(/[\s,;]+/),
              what: now.what,
              raisedBy: now.by,
            },
          }),
        ),
      );
      onClose();
    } catch (e) {
      setFailed(e as Refused);
    }
  };
  return (
    <Leaf open onClose={onClose} title="An incident">
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void store();
        }}
      >
        <label>
          <span className="block font-semibold">What it is</span>
          <select value={now.kind} onChange={(e) => setNow({ ...now, kind: e.target.value as Schemas["IncidentKind"] })}>
            {Object.entries(kinds).map(([k, text]) => (
              <option key={k} value={k}>
                {text}
              </option>
            ))}
          </select>
        </label>
        <div className="flex flex-wrap gap-x-4 gap-y-3">
          <label className="min-w-0">
            <span className="block font-semibold">Workout</span>
            <select className="max-w-full" value={now.workout} onChange={(e) => setNow({ ...now, workout: e.target.value, heat: "" })}>
              {workouts.map((w) => (
                <option key={w.id} value={w.id}>
                  {w.title}
                </option>
              ))}
            </select>
          </label>
          <label>
            <span className="block font-semibold">Heat</span>
            <select value={now.heat} onChange={(e) => setNow({ ...now, heat: e.target.value })}>
              <option value="">none</option>
              {heats.map((h) => (
                <option key={h.id} value={h.id}>
                  {h.number}
                </option>
              ))}
            </select>
          </label>
        </div>
        <Field
          label="Numbers of those who are touched"
          value={now.entries}
          onChange={(entries) => setNow({ ...now, entries })}
          error={failed?.at("entries")}
        />
        <TextField label="What has happened" value={now.what} onChange={(what) => setNow({ ...now, what })} error={failed?.at("what")} />
        <Field label="Who says so" value={now.by} onChange={(by) => setNow({ ...now, by })} error={failed?.at("raisedBy")} />
        {failed && !["entries", "what", "raisedBy"].some((p) => failed.at(p)) && <Message error={failed} />}
        <button className="press justify-self-start">Write it down</button>
      </form>
    </Leaf>
  );
}
