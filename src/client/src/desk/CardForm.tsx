import { useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import { api, ask, Refused, type Schemas } from "../api/client";
import { changed } from "../api/queries";
import { LiftRows } from "../scoring/LiftRows";
import { PlaceFields } from "../scoring/PlaceFields";
import { Choice } from "../ui/Choice";
import { when } from "../ui/days";
import { Field } from "../ui/Field";
import { Message } from "../ui/Message";
import { Differences } from "./Differences";
import { Photos } from "./Photos";
import { halfOf, keep, nothing, type Half } from "./kept";
import { lineOf } from "./words";

const statuses = { Ran: "ran", Withdrew: "withdrew", DidNotStart: "did not start" } as const;

/** A card in the order of its fields, for the keyboard alone: Enter goes on, the last one stores. */
export function CardForm({
  cid,
  card,
  start,
  onLevel,
}: {
  cid: string;
  card: Schemas["DeskCard"];
  /** What was half typed of it before. */
  start: Half;
  onLevel: (level: string) => void;
}) {
  const seen = card.facts.at(-1)?.id ?? 0;
  const id = card.line.card.id;
  const [half, setHalf] = useState(start);
  const [correct, setCorrect] = useState(false);
  const [reason, setReason] = useState("");
  const [asked, setAsked] = useState<readonly Schemas["Doubt"][]>([]);
  const [failed, setFailed] = useState<Refused | null>(null);
  const [busy, setBusy] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const meant = useRef<HTMLButtonElement>(null);
  const saveId = useRef(crypto.randomUUID());
  const change = (now: Half) => {
    setHalf(now);
    setAsked([]);
    if (now.level !== half.level) onLevel(now.level);
    keep(id, now);
  };
  const typed = (half: Half, sure: string[]): Schemas["TypedCard"] => ({
    status: half.status,
    fields: Object.entries(half.values).map(([key, text]) => ({ key, text })),
    lifts: Object.entries(half.lifts).flatMap(([piece, rows]) =>
      rows.map((l) => ({ piece, load: l.load, made: l.made, seat: card.entry.members.length > 1 ? l.seat : null })),
    ),
    places: Object.entries(half.places).map(([piece, p]) => ({ piece, round: p.round, task: p.task, unit: p.unit, option: p.option })),
    sure,
    unjudged: half.unjudged,
    level: half.level,
  });
  const send = async (sure: string[], now = half) => {
    setBusy(true);
    setFailed(null);
    try {
      const done = await ask(
        api.POST("/api/competitions/{id}/desk/{card}", {
          params: { path: { id: cid, card: id } },
          body: { saveId: saveId.current, seen, typed: typed(now, sure), correct, reason: correct ? reason : "" },
        }),
      );
      setAsked(done.asked);
      if (done.card) {
        keep(id, nothing);
        setHalf(nothing);
        onLevel("");
        setCorrect(false);
        setReason("");
        saveId.current = crypto.randomUUID();
        await changed.desk(cid, done.card);
      }
    } catch (e) {
      setFailed(e as Refused);
      // What was typed stays: it can be the second entry over what somebody else has stored meanwhile.
      if (e instanceof Refused && e.status === 409) void changed.deskCard(cid, id);
    } finally {
      setBusy(false);
    }
  };
  const holds = card.numbers.run !== null;
  const open = !holds || correct || !card.numbers.checked;
  // Enter goes to the next field, as the hand goes down the card; in the last one it stores.
  useEffect(() => {
    const here = form.current;
    const next = (e: KeyboardEvent) => {
      const from = e.target;
      if (e.key !== "Enter" || !here || !(from instanceof HTMLInputElement || from instanceof HTMLSelectElement)) return;
      if (from.type === "checkbox") return;
      const all = [...here.querySelectorAll<HTMLInputElement>("input:not([type=checkbox]), select")];
      const after = all[all.indexOf(from as HTMLInputElement) + 1];
      if (!after) return;
      e.preventDefault();
      after.focus();
    };
    here?.addEventListener("keydown", next);
    return () => here?.removeEventListener("keydown", next);
  }, [open]);
  useEffect(() => form.current?.querySelector<HTMLInputElement>("input:not([type=checkbox])")?.focus(), [open, correct]);
  useEffect(() => {
    if (asked.length > 0) meant.current?.focus();
  }, [asked]);
  return (
    <>
      <p>
        <Link className="act" to={`/c/${cid}/desk`}>
          Another card
        </Link>
      </p>
      <h1 className="mt-2">
        <span className="mono">{card.line.bib}</span> <bdi>{card.line.name}</bdi>
      </h1>
      <p className="text-soft">
        <bdi>{lineOf(card.line)}</bdi>, version {card.version}
        {card.judges.length > 0 && (
          <>
            , judged by <bdi>{card.judges.join(", ")}</bdi>
          </>
        )}
      </p>
      <Holds card={card} />
      {holds && (
        <div className="mt-3 flex flex-wrap items-baseline gap-x-6">
          <Choice
            label="What is typed"
            value={correct ? "correct" : "again"}
            of={card.numbers.checked ? (["correct"] as const) : (["again", "correct"] as const)}
            onChange={(v) => {
              setCorrect(v === "correct");
              // Who corrects begins from what holds; who types once more sees nothing of it.
              change(v === "correct" && card.typed ? halfOf(card.typed) : nothing);
            }}
            text={(v) => (v === "correct" ? "correct it" : "second entry, by somebody else")}
          />
        </div>
      )}
      {open && (
        <form
          ref={form}
          className="mt-3 max-w-4xl"
          onSubmit={(e) => {
            e.preventDefault();
            void send([]);
          }}
        >
          <Choice
            label="Status"
            value={half.status}
            of={["Ran", "Withdrew", "DidNotStart"] as const}
            text={(s) => statuses[s]}
            onChange={(status) => change({ ...half, status })}
          />
          {card.levels.length > 0 && (
            <div className="mt-1 flex flex-wrap items-baseline gap-x-3">
              <span className="font-semibold">Level</span>
              <Choice
                label="Level that was done"
                value={half.level || card.level}
                of={card.levels}
                onChange={(level) => change({ ...half, level })}
              />
            </div>
          )}
          {failed?.at("typed.level") && (
            <p role="alert" className="field-error">
              {failed.at("typed.level")}
            </p>
          )}
          {failed?.at("typed.status") && (
            <p role="alert" className="field-error">
              {failed.at("typed.status")}
            </p>
          )}
          {half.status !== "DidNotStart" && <Fields card={card} half={half} change={change} failed={failed} />}
          {half.status !== "DidNotStart" && (
            <label className="mt-4 flex items-center gap-2">
              <input type="checkbox" checked={half.unjudged} onChange={(e) => change({ ...half, unjudged: e.target.checked })} /> nobody
              judged: shown, without a place
            </label>
          )}
          {correct && <Field label="Reason" className="mt-3 max-w-xl" value={reason} onChange={setReason} error={failed?.at("reason")} />}
          {failed && Object.keys(failed.errors).length === 0 && (
            <div className="mt-3">
              <Message error={failed} />
            </div>
          )}
          {failed?.at("status") && (
            <p role="alert" className="field-error mt-2">
              {failed.at("status")}
            </p>
          )}
          {asked.length > 0 && (
            <div role="alert" className="mt-3 border-l-4 border-ochre bg-sheet px-4 py-2">
              <ul>
                {asked.map((d) => (
                  <li key={d.key}>
                    <bdi>{d.sentence}</bdi>
                  </li>
                ))}
              </ul>
              <button type="button" className="press mt-2" ref={meant} onClick={() => void send(asked.map((d) => d.key))}>
                It is meant so
              </button>
              {asked.some((d) => d.key === "judge") && (
                <button
                  type="button"
                  className="act ml-4"
                  onClick={() => {
                    const now = { ...half, unjudged: true };
                    change(now);
                    void send(
                      asked.map((d) => d.key),
                      now,
                    );
                  }}
                >
                  Nobody judged it
                </button>
              )}
            </div>
          )}
          <button className="press mt-4" disabled={busy}>
            {correct ? "Store the correction" : holds ? "Store the second entry" : "Store"}
          </button>
        </form>
      )}
      <Photos cid={cid} card={card} />
    </>
  );
}

/** The fields of the card and the tallies of no-reps, in the order they stand on it. */
function Fields({
  card,
  half,
  change,
  failed,
}: {
  card: Schemas["DeskCard"];
  half: Half;
  change: (half: Half) => void;
  failed: Refused | null;
}) {
  const at = (key: string) => failed?.at(`typed.${key}`);
  const text = (key: string, label: string, hint?: string) => (
    <div key={key}>
      <Field
        label={label}
        className="max-w-80"
        value={half.values[key] ?? ""}
        error={at(key)}
        onChange={(v) => change({ ...half, values: { ...half.values, [key]: v } })}
      />
      {hint && <p className="text-[0.9rem] text-soft">{hint}</p>}
    </div>
  );
  return (
    <>
      <div className="mt-3 grid gap-x-6 gap-y-2 sm:grid-cols-2">
        {card.options.map((o) => text(o.key!, o.label, o.ways.join("; ")))}
        {card.fields
          .map((f) => ({ ...f, key: f.key! }))
          .map((f) =>
            f.field === "tries" ? (
              <LiftRows
                key={f.key}
                label={f.label}
                unit={f.unit ?? (card.unit === "Pound" ? "lb" : "kg")}
                members={card.entry.members.length}
                value={half.lifts[f.piece] ?? [{ load: "", made: true, seat: 1 }]}
                error={at(f.key)}
                onChange={(v) => change({ ...half, lifts: { ...half.lifts, [f.piece]: v } })}
              />
            ) : f.field === "stood" ? (
              <PlaceFields
                key={f.key}
                label={f.label}
                hint={f.hint}
                tasks={card.tasks.find((t) => t.piece === f.piece)?.tasks ?? []}
                error={at(f.key)}
                value={half.places[f.piece] ?? { round: "", task: 0, unit: "", option: 0 }}
                onChange={(v) => change({ ...half, places: { ...half.places, [f.piece]: v } })}
              />
            ) : (
              text(f.key, f.label, card.fields.length <= 12 ? f.hint : undefined)
            ),
          )}
      </div>
      {card.movements.length > 0 && (
        <fieldset className="mt-4">
          <legend className="font-semibold">No-reps tallied</legend>
          <div className="grid gap-x-6 gap-y-2 sm:grid-cols-3">{card.movements.map((m) => text(`norep.${m}`, m))}</div>
        </fieldset>
      )}
    </>
  );
}

/** What holds of a card: its scores with how they came about, who typed what, and where two differ. */
function Holds({ card }: { card: Schemas["DeskCard"] }) {
  if (card.facts.length === 0) return null;
  const differs = card.numbers.differs;
  return (
    <section className="mt-3 border-y border-rule py-2" aria-label="What holds">
      {card.scores.map((r, i) => (
        <div key={i}>
          <p>
            {card.names[i]}: <b className="mono text-[1.35rem]">{r.text}</b>
            {r.tieText && (
              <>
                , tie-break <span className="mono">{r.tieText}</span>
              </>
            )}
          </p>
          <ul className="text-soft">
            {r.reasons.map((t) => (
              <li key={t}>{t}</li>
            ))}
          </ul>
        </div>
      ))}
      {differs && <Differences card={card} other={differs} />}
      <ol className="mt-2">
        {card.facts.map((f) => (
          <li key={f.id}>
            {{ Entered: "Typed", Again: "Typed once more", Corrected: "Corrected" }[f.kind]} by <bdi>{f.by ?? "somebody"}</bdi>,{" "}
            {when(f.at)}
            {f.reason && (
              <>
                : <bdi>{f.reason}</bdi>
              </>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
