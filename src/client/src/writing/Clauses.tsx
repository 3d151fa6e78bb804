import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import type { Movement, Schemas } from "../api/client";
import { queries } from "../api/queries";
import { consequences, perceived, phases } from "../standards/words";

type Clause = Schemas["Clause"];
type Fault = Schemas["Fault"];
const order = ["SetUp", "Entry", "Start", "Through", "Finish", "Between"] as const;
const kinds = { Required: "must", Allowed: "may", Forbidden: "must not", Measured: "measured", Tip: "tip, no rule" } as const;
const sorted = (clauses: Clause[]) => order.flatMap((p) => clauses.filter((c) => c.phase === p));

/** The clauses by phase, each with the no-rep that belongs to it; what a judge could not see stands at the clause. */
export function Clauses({
  movement: m,
  looked,
  onChange,
}: {
  movement: Movement;
  looked: Schemas["Looked"] | null;
  onChange: (m: Movement, field: string) => void;
}) {
  const errors = (path: string) =>
    looked?.errors
      .filter((e) => e.path === path)
      .map((e) => e.message)
      .join(" ") || undefined;
  const set = (id: string, next: Clause) =>
    onChange({ ...m, clauses: sorted(m.clauses.map((c) => (c.id === id ? next : c))) }, `clause ${id}`);
  const setFault = (id: string, next: Fault | null) =>
    onChange(
      {
        ...m,
        faults:
          next === null
            ? m.faults.filter((f) => f.breaks !== id)
            : m.faults.some((f) => f.breaks === id)
              ? m.faults.map((f) => (f.breaks === id ? next : f))
              : [...m.faults, next],
      },
      `fault ${id}`,
    );
  const remove = (id: string) =>
    onChange(
      {
        ...m,
        clauses: m.clauses.filter((c) => c.id !== id),
        faults: m.faults.filter((f) => f.breaks !== id),
        poses: (m.poses ?? []).filter((p) => p.breaks !== id),
      },
      `remove ${id}`,
    );
  return (
    <section aria-labelledby="clauses">
      <h2 id="clauses" className="section-head">
        Clauses and no-reps
      </h2>
      {errors("clauses") && (
        <p role="alert" className="field-error">
          {errors("clauses")}
        </p>
      )}
      {errors("faults") && (
        <p role="alert" className="field-error">
          {errors("faults")}
        </p>
      )}
      {order.map((phase) => {
        const of = m.clauses.filter((c) => c.phase === phase);
        return of.length === 0 ? null : (
          <div key={phase} className="mt-2">
            <h3 className="text-soft">{phases[phase]}</h3>
            {of.map((c) => {
              const index = m.clauses.indexOf(c);
              const fault = m.faults.find((f) => f.breaks === c.id);
              const faultIndex = fault ? m.faults.indexOf(fault) : -1;
              return (
                <ClauseRow
                  key={c.id}
                  clause={c}
                  fault={fault}
                  unseen={looked?.unseen.filter((u) => u.clause === c.id) ?? []}
                  at={(field) => errors(`clauses[${index}].${field}`)}
                  faultAt={(field) => errors(`faults[${faultIndex}].${field}`)}
                  onChange={(next) => set(c.id, next)}
                  onFault={(f) => setFault(c.id, f)}
                  onRemove={() => remove(c.id)}
                />
              );
            })}
          </div>
        );
      })}
      <AddClause
        movement={m}
        onAdd={(clause, fault) =>
          onChange({ ...m, clauses: sorted([...m.clauses, clause]), faults: fault ? [...m.faults, fault] : m.faults }, `add ${clause.id}`)
        }
      />
    </section>
  );
}

function ClauseRow({
  clause: c,
  fault,
  unseen,
  at,
  faultAt,
  onChange,
  onFault,
  onRemove,
}: {
  clause: Clause;
  fault: Fault | undefined;
  unseen: Schemas["Unseen"][];
  at: (field: string) => string | undefined;
  faultAt: (field: string) => string | undefined;
  onChange: (c: Clause) => void;
  onFault: (f: Fault | null) => void;
  onRemove: () => void;
}) {
  const wrong = at("text") ?? at("id");
  const flagged = wrong || faultAt("sign") || faultAt("call") || faultAt("athlete") || unseen.length > 0;
  const [open, setOpen] = useState(c.text.english === "");
  const judged = c.kind === "Required" || c.kind === "Forbidden";
  const of = c.of ?? { grips: [] };
  const parameter = (key: "angleDegrees" | "heightMillimetres" | "holdMilliseconds" | "count", value: string) =>
    onChange({ ...c, of: { ...of, [key]: value.trim() === "" ? null : Number(value) } });
  return (
    <details open={open} onToggle={(e) => setOpen(e.currentTarget.open)} className="border-b border-rule py-1">
      <summary className="cursor-pointer">
        {c.text.english || <i className="text-soft">no words yet</i>} {fault && <span className="text-soft">“{fault.call.english}”</span>}
        {flagged && <span className="font-bold text-brick"> · look here</span>}
      </summary>
      <div className="grid gap-x-4 gap-y-1 py-1 pl-4 sm:grid-cols-2">
        <span className="flex flex-wrap gap-2 sm:col-span-2">
          <Pick
            label="Phase"
            value={c.phase!}
            of={Object.fromEntries(order.map((p) => [p, phases[p]]))}
            onChange={(v) => onChange({ ...c, phase: v as Clause["phase"] })}
          />
          <Pick label="Kind" value={c.kind!} of={kinds} onChange={(v) => onChange({ ...c, kind: v as Clause["kind"] })} />
          <button className="act" onClick={onRemove}>
            Remove this clause
          </button>
        </span>
        <Words
          label="Said aloud"
          value={c.text.english}
          error={wrong}
          onChange={(english) => onChange({ ...c, text: { ...c.text, english } })}
        />
        <Words
          label="In Spanish"
          value={c.text.spanish ?? ""}
          onChange={(v) => onChange({ ...c, text: { ...c.text, spanish: v === "" ? null : v } })}
        />
        <span className="flex flex-wrap gap-x-3 text-[0.9rem] sm:col-span-2">
          {(["angleDegrees", "heightMillimetres", "holdMilliseconds", "count"] as const).map((key) => (
            <span key={key}>
              <label className="flex items-center gap-1.5">
                {{ angleDegrees: "angle °", heightMillimetres: "height mm", holdMilliseconds: "hold ms", count: "times" }[key]}
                <input
                  className="w-16 text-right"
                  inputMode="numeric"
                  value={of[key] ?? ""}
                  aria-invalid={!!at(`of.${key}`)}
                  onChange={(e) => parameter(key, e.target.value.replace(/[^\d]/g, ""))}
                />
              </label>
              {at(`of.${key}`) && (
                <span role="alert" className="field-error block">
                  {at(`of.${key}`)}
                </span>
              )}
            </span>
          ))}
        </span>
        {unseen.map((u) => (
          <p key={u.field + u.sentence} className="font-semibold text-ochre sm:col-span-2">
            A judge could not see this: {u.sentence}
          </p>
        ))}
        {judged &&
          (fault ? (
            <>
              <Words
                label="No rep: what is seen or heard"
                value={fault.sign.english}
                error={faultAt("sign")}
                onChange={(english) => onFault({ ...fault, sign: { ...fault.sign, english } })}
              />
              <Words
                label="In Spanish"
                value={fault.sign.spanish ?? ""}
                onChange={(v) => onFault({ ...fault, sign: { ...fault.sign, spanish: v === "" ? null : v } })}
              />
              <Words
                label="The judge says"
                value={fault.call.english}
                error={faultAt("call")}
                onChange={(english) => onFault({ ...fault, call: { ...fault.call, english } })}
              />
              <Words
                label="In Spanish"
                value={fault.call.spanish ?? ""}
                onChange={(v) => onFault({ ...fault, call: { ...fault.call, spanish: v === "" ? null : v } })}
              />
              <Words
                label="The athlete must"
                value={fault.athlete.english}
                error={faultAt("athlete")}
                onChange={(english) => onFault({ ...fault, athlete: { ...fault.athlete, english } })}
              />
              <Words
                label="In Spanish"
                value={fault.athlete.spanish ?? ""}
                onChange={(v) => onFault({ ...fault, athlete: { ...fault.athlete, spanish: v === "" ? null : v } })}
              />
              <span className="flex flex-wrap gap-2 sm:col-span-2">
                <Pick label="Perceived" value={fault.by!} of={perceived} onChange={(v) => onFault({ ...fault, by: v as Fault["by"] })} />
                <Pick
                  label="What follows"
                  value={fault.then!}
                  of={consequences}
                  onChange={(v) => onFault({ ...fault, then: v as Fault["then"] })}
                />
                <button className="act" onClick={() => onFault(null)}>
                  Remove the no-rep
                </button>
              </span>
            </>
          ) : (
            c.phase !== "SetUp" && (
              <label className="flex flex-wrap items-center gap-2 sm:col-span-2">
                No no-rep yet. Add one; what follows?
                <select
                  value=""
                  onChange={(e) =>
                    e.target.value &&
                    onFault({
                      id: `no-${c.id}`,
                      breaks: c.id,
                      sign: { english: "", spanish: null },
                      by: "SeenFromTheSide",
                      call: { english: "No rep", spanish: "No válida" },
                      then: e.target.value as NonNullable<Fault["then"]>,
                      athlete: { english: "Repeat the rep.", spanish: "Repetir la repetición." },
                    })
                  }
                >
                  <option value="">choose</option>
                  {Object.entries(consequences).map(([k, v]) => (
                    <option key={k} value={k}>
                      {v}
                    </option>
                  ))}
                </select>
              </label>
            )
          ))}
      </div>
    </details>
  );
}

function Pick({ label, value, of, onChange }: { label: string; value: string; of: Record<string, string>; onChange: (v: string) => void }) {
  return (
    <label className="flex items-center gap-1.5 text-[0.9rem]">
      {label}
      <select value={value} onChange={(e) => onChange(e.target.value)}>
        {Object.entries(of).map(([k, v]) => (
          <option key={k} value={k}>
            {v}
          </option>
        ))}
      </select>
    </label>
  );
}

function Words({
  label,
  value,
  error,
  onChange,
}: {
  label: string;
  value: string;
  error?: string | undefined;
  onChange: (v: string) => void;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="text-[0.9rem] text-soft">
        {label}
      </label>
      <textarea
        id={id}
        rows={2}
        className="w-full"
        value={value}
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
  );
}

/** Takes a rule from the book, with its no-rep; or begins one of one's own. */
function AddClause({ movement: m, onAdd }: { movement: Movement; onAdd: (c: Clause, f: Fault | null) => void }) {
  const phrases = useQuery(queries.phrases());
  const [text, setText] = useState("");
  const [phase, setPhase] = useState<(typeof order)[number]>("Through");
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found =
    words.length === 0
      ? []
      : (phrases.data ?? [])
          .filter(
            (p) =>
              !m.clauses.some((c) => c.id === p.clause.id) &&
              words.every((w) =>
                `${p.clause.text.english} ${p.clause.text.spanish} ${p.fault?.call.english ?? ""}`.toLowerCase().includes(w),
              ),
          )
          .slice(0, 8);
  const blank = () => {
    const id = Array.from({ length: 99 }, (_, n) => `own-${n + 1}`).find((i) => !m.clauses.some((c) => c.id === i))!;
    onAdd({ id, phase, kind: "Required", text: { english: "", spanish: null }, of: null }, null);
  };
  return (
    <div className="mt-3">
      <h3>Add a clause</h3>
      <div className="flex flex-wrap items-center gap-3">
        <label className="flex items-center gap-2">
          from the book <input type="search" value={text} placeholder="chin, heels, lock …" onChange={(e) => setText(e.target.value)} />
        </label>
        <span className="flex items-center gap-2">
          or{" "}
          <button className="act" onClick={blank}>
            write one
          </button>{" "}
          for{" "}
          <select aria-label="Phase of the new clause" value={phase} onChange={(e) => setPhase(e.target.value as typeof phase)}>
            {order.map((p) => (
              <option key={p} value={p}>
                {phases[p].toLowerCase()}
              </option>
            ))}
          </select>
        </span>
      </div>
      {words.length > 0 && found.length === 0 && <p className="text-soft">No other rule of the book has these words.</p>}
      <ul>
        {found.map((p) => (
          <li key={p.clause.id + p.clause.text.english} className="border-b border-rule py-1">
            <button
              className="act"
              aria-label={`Add: ${p.clause.text.english}`}
              onClick={() => {
                onAdd(p.clause, p.fault ?? null);
                setText("");
              }}
            >
              Add
            </button>{" "}
            <span className="text-soft">{phases[p.clause.phase!].toLowerCase()}:</span> {p.clause.text.english}
          </li>
        ))}
      </ul>
    </div>
  );
}
