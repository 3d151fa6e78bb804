import { useParams } from "react-router";
import type { StoredCompetition } from "../api/client";
import { useCompetition } from "../api/queries";
import { Loading } from "../ui/Message";
import { useUndoKeys } from "../ui/useUndoKeys";
import { Divisions } from "./Divisions";
import { Exchange } from "./Exchange";
import { Field } from "./Field";
import { KitEditor } from "./KitEditor";
import { OverallEditor } from "./OverallEditor";
import { useDocument } from "./useDocument";

/** Name, dates, place, unit, divisions, kit. */
export function CompetitionPage() {
  const { cid = "" } = useParams();
  const stored = useCompetition(cid).data;
  return stored ? <Edit key={cid} stored={stored} /> : <Loading what="the competition" />;
}

function Edit({ stored }: { stored: StoredCompetition }) {
  const doc = useDocument(stored);
  const c = doc.value;
  const at = (path: string) => doc.error?.at(path);
  useUndoKeys(doc);
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h1>Competition</h1>
        <p className="flex gap-4">
          <span
            role="status"
            className={
              doc.state === "refused" || doc.state === "waiting" || doc.state === "conflict" ? "font-semibold text-brick" : "text-soft"
            }
          >
            {doc.state === "saved" && "saved"}
            {(doc.state === "changed" || doc.state === "saving") && "saving"}
            {doc.state === "refused" && "not saved: see the marked field"}
            {doc.state === "waiting" && `not saved: ${doc.error?.title ?? ""} It is tried again.`}
            {doc.state === "conflict" && "not saved: changed elsewhere"}
          </span>
          <button className="act" disabled={!doc.canUndo} onClick={doc.undo}>
            Undo
          </button>
          <button className="act" disabled={!doc.canRedo} onClick={doc.redo}>
            Redo
          </button>
        </p>
      </div>
      {doc.state === "conflict" && (
        <div role="alert" className="my-3 max-w-prose border-l-4 border-brick bg-sheet px-4 py-3">
          <p className="font-bold">{doc.error?.title}</p>
          <ul>
            {((doc.error?.body.changed as string[] | undefined) ?? []).map((t) => (
              <li key={t}>{t}</li>
            ))}
          </ul>
          <p className="mt-2 flex gap-4">
            <button className="press" onClick={() => doc.settle(false)}>
              Take theirs
            </button>
            <button className="press-plain" onClick={() => doc.settle(true)}>
              Keep mine
            </button>
          </p>
        </div>
      )}
      {doc.state === "refused" && doc.error && Object.keys(doc.error.errors).length === 0 && (
        <p role="alert" className="field-error">
          {doc.error.title}
        </p>
      )}
      <section aria-label="Name and dates" className="mt-3 grid max-w-4xl gap-x-6 gap-y-2 sm:grid-cols-2">
        <Field label="Name" value={c.name} error={at("name")} onChange={(v) => doc.change({ ...c, name: v }, "name")} />
        <Field label="Place" value={c.place} error={at("place")} onChange={(v) => doc.change({ ...c, place: v }, "place")} />
        <Field
          label="First day"
          type="date"
          value={c.starts}
          error={at("starts")}
          onChange={(v) => v && doc.change({ ...c, starts: v }, "starts")}
        />
        <Field
          label="Last day"
          type="date"
          value={c.ends}
          error={at("ends")}
          onChange={(v) => v && doc.change({ ...c, ends: v }, "ends")}
        />
        <label className="block">
          <span className="font-semibold">Unit of loads and kit</span>
          <select
            className="mt-0.5 block w-full"
            value={c.unit}
            onChange={(e) => doc.change({ ...c, unit: e.target.value as typeof c.unit }, "unit")}
          >
            <option value="Kilogram">kilogram (kg)</option>
            <option value="Pound">pound (lb)</option>
          </select>
        </label>
      </section>
      <Divisions competition={c} at={at} onChange={doc.change} />
      <KitEditor competition={c} at={at} onChange={doc.change} />
      <OverallEditor competition={c} at={at} onChange={doc.change} />
      <Exchange cid={stored.id} />
    </main>
  );
}
