import { useId } from "react";
import type { Movement, Schemas, StoredCompetition } from "../api/client";
import { DocumentConflict, DocumentStatus } from "../document/DocumentStatus";
import { useCompetitionDocument } from "../document/useCompetitionDocument";
import { Message } from "../ui/Message";
import { consequences, perceived, phases } from "./words";

type Rule = Schemas["ClauseChange"];

/**
 * What this competition says differently about a movement: another wording, another consequence, a clause left out or added;
 * for all or for one division.
 */
export function HouseRules({ stored, movement: m, division }: { stored: StoredCompetition; movement: Movement; division: string }) {
  const doc = useCompetitionDocument(stored);
  const all = doc.value.houseRules ?? [];
  const mine = all.map((rule, index) => ({ rule, index })).filter((x) => x.rule.movement === m.id);
  const set = (index: number, next: Rule | null, field: string) =>
    doc.change({ ...doc.value, houseRules: next ? all.map((r, i) => (i === index ? next : r)) : all.filter((_, i) => i !== index) }, field);
  const add = (clause: string) =>
    doc.change(
      {
        ...doc.value,
        houseRules: [
          ...all,
          clause === "" ? blank(m, division, all) : { ...none(m, division), clause, text: m.clauses.find((c) => c.id === clause)!.text },
        ],
      },
      `add ${clause} ${all.length}`,
    );
  // A clause that is said differently already is changed in its own row.
  const clauses = m.clauses.filter(
    (c) => c.kind !== "Tip" && !mine.some((x) => x.rule.clause === c.id && (x.rule.division ?? "") === division),
  );
  return (
    <section aria-labelledby="house" className="mt-4">
      <div className="section-head">
        <h2 id="house">House rules</h2>
        <span className="flex min-w-0 flex-wrap items-center justify-end gap-x-4 text-[0.9rem] font-normal">
          <label className="flex min-w-0 flex-wrap items-center gap-2 text-soft">
            say differently
            <select className="w-72" value="" onChange={(e) => add(e.target.value === "new" ? "" : e.target.value)}>
              <option value="" disabled>
                which clause?
              </option>
              {clauses.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.text.english.slice(0, 70)}
                </option>
              ))}
              <option value="new">a clause of our own …</option>
            </select>
          </label>
          <DocumentStatus of={doc} />
        </span>
      </div>
      {mine.length === 0 && (
        <p className="py-1 text-[0.9rem] text-soft">
          The book holds as it is printed below. To change it in one workout, or at one place in it, choose the workout above.
        </p>
      )}
      <DocumentConflict of={doc} />
      {doc.error && Object.keys(doc.error.errors).length === 0 && <Message error={doc.error} />}
      {mine.map(({ rule, index }) => (
        <RuleRow
          key={index}
          rule={rule}
          known={rule.phase == null ? m.clauses.find((c) => c.id === rule.clause) : undefined}
          fault={m.faults.some((f) => f.breaks === rule.clause)}
          divisions={doc.value.divisions.map((d) => d.name)}
          at={(field) => doc.error?.at(`houseRules[${index}].${field}`)}
          onChange={(next, field) => set(index, next, `house ${index} ${field}`)}
          onRemove={() => set(index, null, `remove ${index}`)}
        />
      ))}
    </section>
  );
}

const none = (m: Movement, division: string): Rule => ({
  movement: m.id,
  clause: "",
  division: division || null,
  text: null,
  doesNotApply: false,
  phase: null,
  kind: null,
  sign: null,
  by: null,
  call: null,
  then: null,
  athlete: null,
  origin: null,
});

const blank = (m: Movement, division: string, all: Rule[]): Rule => {
  const id = Array.from({ length: 99 }, (_, n) => `house-${n + 1}`).find(
    (i) => !m.clauses.some((c) => c.id === i) && !all.some((r) => r.movement === m.id && r.clause === i),
  )!;
  return { ...none(m, division), clause: id, text: { english: "", spanish: null }, phase: "Through", kind: "Required" };
};

function RuleRow({
  rule: r,
  known,
  fault,
  divisions,
  at,
  onChange,
  onRemove,
}: {
  rule: Rule;
  known: Schemas["Clause"] | undefined;
  fault: boolean;
  divisions: string[];
  at: (field: string) => string | undefined;
  onChange: (r: Rule, field: string) => void;
  onRemove: () => void;
}) {
  const said = (key: "text" | "sign" | "call" | "athlete", english: string, spanish: string | null) =>
    onChange({ ...r, [key]: english === "" && !spanish && key !== "text" ? null : { english, spanish } }, key);
  const addition = !known && r.phase != null;
  return (
    <div className="grid gap-x-4 gap-y-1 border-b border-rule py-2 sm:grid-cols-2" data-house={r.clause}>
      <span className="flex flex-wrap items-center gap-x-4 gap-y-1 text-[0.9rem] sm:col-span-2">
        <b>{known ? known.text.english : addition ? "A clause of our own" : r.clause}</b>
        <label className="flex items-center gap-1.5">
          for{" "}
          <select
            value={r.division ?? ""}
            aria-invalid={!!at("division")}
            onChange={(e) => onChange({ ...r, division: e.target.value || null }, "division")}
          >
            <option value="">everybody</option>
            {divisions.map((d) => (
              <option key={d}>{d}</option>
            ))}
          </select>
        </label>
        {addition ? (
          <>
            <label className="flex items-center gap-1.5">
              phase{" "}
              <select
                value={r.phase ?? "Through"}
                onChange={(e) => onChange({ ...r, phase: e.target.value as NonNullable<Rule["phase"]> }, "phase")}
              >
                {Object.entries(phases).map(([k, v]) => (
                  <option key={k} value={k}>
                    {v}
                  </option>
                ))}
              </select>
            </label>
            <label className="flex items-center gap-1.5">
              kind{" "}
              <select
                value={r.kind ?? "Required"}
                onChange={(e) => onChange({ ...r, kind: e.target.value as NonNullable<Rule["kind"]> }, "kind")}
              >
                <option value="Required">must</option>
                <option value="Allowed">may</option>
                <option value="Forbidden">must not</option>
                <option value="Measured">measured</option>
              </select>
            </label>
          </>
        ) : (
          <label className="flex items-center gap-1.5">
            <input
              type="checkbox"
              className="min-h-0"
              checked={r.doesNotApply}
              onChange={(e) => onChange({ ...r, doesNotApply: e.target.checked }, "applies")}
            />
            does not apply
          </label>
        )}
        <button className="act" onClick={onRemove}>
          Take it back
        </button>
        {(at("clause") || at("division") || at("movement")) && (
          <span role="alert" className="field-error">
            {at("clause") ?? at("division") ?? at("movement")}
          </span>
        )}
      </span>
      {!r.doesNotApply && (
        <>
          <Pair label="Said aloud" value={r.text} error={at("text")} onChange={(e, s) => said("text", e, s)} />
          {(r.kind ?? known?.kind) !== "Allowed" && (
            <>
              <Pair
                label="No rep: what is seen or heard"
                value={r.sign}
                error={at("sign")}
                onChange={(e, s) => said("sign", e, s)}
                hint={fault && !r.sign ? "as in the book" : undefined}
              />
              {(r.sign || fault) && (
                <>
                  <Pair
                    label="The judge says"
                    value={r.call}
                    error={at("call")}
                    onChange={(e, s) => said("call", e, s)}
                    hint={fault && !r.call ? "as in the book" : undefined}
                  />
                  <Pair
                    label="The athlete must"
                    value={r.athlete}
                    error={at("athlete")}
                    onChange={(e, s) => said("athlete", e, s)}
                    hint={fault && !r.athlete ? "as in the book" : undefined}
                  />
                  <span className="flex flex-wrap items-center gap-x-4 text-[0.9rem] sm:col-span-2">
                    <label className="flex items-center gap-1.5">
                      perceived{" "}
                      <select value={r.by ?? ""} onChange={(e) => onChange({ ...r, by: (e.target.value || null) as Rule["by"] }, "by")}>
                        <option value="">{fault ? "as in the book" : "seen from the side"}</option>
                        {Object.entries(perceived).map(([k, v]) => (
                          <option key={k} value={k}>
                            {v}
                          </option>
                        ))}
                      </select>
                    </label>
                    <label className="flex items-center gap-1.5">
                      what follows{" "}
                      <select
                        value={r.then ?? ""}
                        aria-invalid={!!at("then")}
                        onChange={(e) => onChange({ ...r, then: (e.target.value || null) as Rule["then"] }, "then")}
                      >
                        <option value="">{fault ? "as in the book" : "choose"}</option>
                        {Object.entries(consequences).map(([k, v]) => (
                          <option key={k} value={k}>
                            {v}
                          </option>
                        ))}
                      </select>
                    </label>
                    {at("then") && (
                      <span role="alert" className="field-error">
                        {at("then")}
                      </span>
                    )}
                  </span>
                </>
              )}
            </>
          )}
        </>
      )}
    </div>
  );
}

function Pair({
  label,
  value,
  error,
  hint,
  onChange,
}: {
  label: string;
  value: Schemas["Said"] | null | undefined;
  error: string | undefined;
  hint?: string | undefined;
  onChange: (english: string, spanish: string | null) => void;
}) {
  const id = useId();
  return (
    <>
      <div>
        <label htmlFor={id} className="text-[0.9rem] text-soft">
          {label}
        </label>
        <textarea
          id={id}
          rows={1}
          className="w-full"
          value={value?.english ?? ""}
          placeholder={hint}
          aria-invalid={!!error}
          onChange={(e) => onChange(e.target.value, value?.spanish ?? null)}
        />
        {error && (
          <p role="alert" className="field-error">
            {error}
          </p>
        )}
      </div>
      <div>
        <label htmlFor={`${id}-s`} className="text-[0.9rem] text-soft">
          In Spanish
        </label>
        <textarea
          id={`${id}-s`}
          rows={1}
          className="w-full"
          value={value?.spanish ?? ""}
          placeholder={hint}
          onChange={(e) => onChange(value?.english ?? "", e.target.value === "" ? null : e.target.value)}
        />
      </div>
    </>
  );
}
