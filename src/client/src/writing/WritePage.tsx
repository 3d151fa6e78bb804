import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import type { Movement, Refused } from "../api/client";
import { queries } from "../api/queries";
import { Field } from "../ui/Field";
import { capital } from "../standards/words";
import { Loading, Message } from "../ui/Message";
import { useUndoKeys } from "../ui/useUndoKeys";
import { Clauses } from "./Clauses";
import { PoseTable } from "./PoseTable";
import { forget, putIntoBook, unfinished, useWriting } from "./useWriting";

/** Writing a standard of one's own: begun from the nearest one there is, posed, worded, and looked at while it is written. */
export function WritePage() {
  const { cid = "" } = useParams();
  const [search] = useSearchParams();
  const [from, edit, name] = [search.get("from"), search.get("edit"), search.get("name") ?? ""];
  return from || edit ? <Begun key={`${from}-${edit}`} cid={cid} from={from} edit={edit} name={name} /> : <Begin cid={cid} named={name} />;
}

/** First the name, then what is nearest to it. */
function Begin({ cid, named }: { cid: string; named: string }) {
  const book = useQuery(queries.book(cid)).data;
  const [name, setName] = useState(named);
  const go = useNavigate();
  const nearest = useQuery({
    ...queries.nearestStandards(cid, name.trim()),
    enabled: name.trim().length > 2,
    placeholderData: (before) => before,
  });
  const begin = (id: string) => void go(`/c/${cid}/standards/write?from=${id}&name=${encodeURIComponent(name.trim())}`);
  return (
    <main className="px-6 py-4">
      <h1>Write your own standard</h1>
      <p className="max-w-prose text-soft">
        Say what it is called. It begins as a copy of the standard that is nearest: clauses, no-reps, and figures; then change what is
        different.
      </p>
      <div className="mt-3 max-w-md">
        <Field label="Name, as drafts will write it" value={name} onChange={setName} />
      </div>
      {name.trim().length > 2 && nearest.data?.length === 0 && (
        <p className="mt-3 text-soft">Nothing in the book is called alike. Choose what moves alike below.</p>
      )}
      <ul className="mt-3">
        {(name.trim().length > 2 ? (nearest.data ?? []) : []).map((m) => (
          <li key={m.id} className="py-0.5">
            <button className="act" onClick={() => begin(m.id)}>
              Begin from {m.name.english}
            </button>{" "}
            <span className="text-soft">
              {m.clauses.length} clauses, {m.faults.length} no-reps
            </span>
          </li>
        ))}
      </ul>
      <label className="mt-3 flex items-center gap-2">
        or from any other{" "}
        <select value="" onChange={(e) => e.target.value && begin(e.target.value)}>
          <option value="">choose</option>
          {book?.movements.map((m) => (
            <option key={m.id} value={m.id}>
              {m.name.english}
            </option>
          ))}
        </select>
      </label>
      <p className="mt-4">
        <Link className="act" to={`/c/${cid}/standards`}>
          To the book
        </Link>
      </p>
    </main>
  );
}

function Begun({ cid, from, edit, name }: { cid: string; from: string | null; edit: string | null; name: string }) {
  const key = edit ?? `${from}/${name}`;
  const competition = useQuery(queries.competition(cid)).data;
  const [kept, setKept] = useState<Movement | null | undefined>(undefined);
  useEffect(() => {
    void unfinished(cid, key).then(
      (m) => setKept(m ?? null),
      () => setKept(null),
    );
  }, [cid, key]);
  const copy = useQuery({ ...queries.copyOfStandard(cid, from ?? "", name), enabled: from !== null && kept === null });
  const own = edit ? competition?.competition.ownMovements?.find((m) => m.id === edit) : undefined;
  if (copy.isError)
    return (
      <main className="p-6">
        <Message error={copy.error} />
        <p>
          <Link className="act" to={`/c/${cid}/standards/write`}>
            Begin again
          </Link>
        </p>
      </main>
    );
  if (kept === undefined || !competition) return <Loading what="the standard" />;
  const begun = kept ?? (edit ? own : copy.data);
  if (!begun)
    return edit ? (
      <main className="p-6">
        <h1>No such standard of your own</h1>
        <p>
          <Link className="act" to={`/c/${cid}/standards`}>
            To the book
          </Link>
        </p>
      </main>
    ) : (
      <Loading what="the standard" />
    );
  return <Write cid={cid} storeKey={key} begun={begun} was={edit} recovered={kept !== null} />;
}

function Write({
  cid,
  storeKey,
  begun,
  was,
  recovered,
}: {
  cid: string;
  storeKey: string;
  begun: Movement;
  was: string | null;
  recovered: boolean;
}) {
  const w = useWriting(cid, storeKey, begun);
  const [refused, setRefused] = useState<Refused | null>(null);
  const [saving, setSaving] = useState(false);
  const go = useNavigate();
  const m = w.movement;
  const errors = (w.looked?.errors ?? []).filter((e) => !e.path.startsWith("pose."));
  const at = (path: string) =>
    errors
      .filter((e) => e.path === path)
      .map((e) => e.message)
      .join(" ") || undefined;
  useUndoKeys(w);
  const save = async () => {
    setSaving(true);
    const answer = await putIntoBook(cid, m, was);
    setSaving(false);
    setRefused(answer);
    if (answer === null) {
      await forget(cid, storeKey);
      await go(`/c/${cid}/standards/${m.id}`);
    }
  };
  const giveUp = async () => {
    await forget(cid, storeKey);
    await go(`/c/${cid}/standards`);
  };
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-3 border-b-[1.5px] border-ink pb-2">
        <h1>{m.name.english ? capital(m.name.english) : "A standard of your own"}</h1>
        <span className="flex flex-wrap items-baseline gap-4">
          <button className="act" disabled={!w.canUndo} onClick={w.undo}>
            Undo
          </button>
          <button className="act" disabled={!w.canRedo} onClick={w.redo}>
            Redo
          </button>
          <button className="act" onClick={() => void giveUp()}>
            Give it up
          </button>
          <button className="press" disabled={saving || errors.length > 0 || !w.looked} onClick={() => void save()}>
            {was ? "Change it in the book" : "Put it into the book"}
          </button>
        </span>
      </div>
      <p className="mt-1 text-[0.9rem] text-soft" role="status">
        {recovered ? "What you had begun is here again. " : ""}Kept in this browser until it is in the book.{" "}
        {errors.length > 0 && (
          <span className="font-semibold text-brick">
            {errors.length} {errors.length === 1 ? "field" : "fields"} to settle first.{" "}
          </span>
        )}
        {(w.looked?.unseen.length ?? 0) > 0 && (
          <span className="font-semibold text-ochre">
            {w.looked!.unseen.length} {w.looked!.unseen.length === 1 ? "thing" : "things"} a judge could not see.
          </span>
        )}
      </p>
      {w.failed && <Message error={w.failed} />}
      {refused && <Message error={refused} />}
      {refused &&
        Object.entries(refused.errors).map(([path, text]) => (
          <p key={path} role="alert" className="field-error">
            {path}: {text.join(" ")}
          </p>
        ))}
      <div className="mt-3 grid gap-x-8 gap-y-5 xl:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
        <div>
          <Basics movement={m} at={at} onChange={w.change} />
          <div className="mt-4">
            <Clauses movement={m} looked={w.looked} onChange={w.change} />
          </div>
        </div>
        <div className="xl:sticky xl:top-2 xl:self-start">
          <PoseTable writing={w} />
          {errors
            .filter((e) => e.path.startsWith("poses") || e.path === "motion")
            .map((e) => (
              <p key={e.path} role="alert" className="field-error">
                {e.message}
              </p>
            ))}
        </div>
      </div>
    </main>
  );
}

function Basics({
  movement: m,
  at,
  onChange,
}: {
  movement: Movement;
  at: (path: string) => string | undefined;
  onChange: (m: Movement, field: string) => void;
}) {
  return (
    <section aria-label="Name and judge" className="grid gap-x-4 gap-y-1.5 sm:grid-cols-2">
      <Field
        label="Name"
        value={m.name.english}
        error={at("name.english") ?? at("id")}
        onChange={(english) => onChange({ ...m, name: { ...m.name, english } }, "name")}
      />
      <Field
        label="Name in Spanish"
        value={m.name.spanish ?? ""}
        onChange={(v) => onChange({ ...m, name: { ...m.name, spanish: v === "" ? null : v } }, "spanish name")}
      />
      <Field
        label="Other names, with commas"
        error={at("synonyms")}
        value={m.synonyms.join(", ")}
        onChange={(v) => onChange({ ...m, synonyms: v === "" ? [] : v.split(",").map((s) => s.trimStart()) }, "synonyms")}
      />
      <span className="hidden sm:block" />
      {(["place", "call"] as const).flatMap((key) => [
        <Field
          key={key}
          label={key === "place" ? "The judge stands" : "The judge calls"}
          value={m.judge[key].english}
          error={at(`judge.${key}`)}
          onChange={(english) => onChange({ ...m, judge: { ...m.judge, [key]: { ...m.judge[key], english } } }, key)}
        />,
        <Field
          key={`${key}-es`}
          label="In Spanish"
          value={m.judge[key].spanish ?? ""}
          onChange={(v) => onChange({ ...m, judge: { ...m.judge, [key]: { ...m.judge[key], spanish: v === "" ? null : v } } }, `${key}-es`)}
        />,
      ])}
    </section>
  );
}
