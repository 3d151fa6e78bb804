import { useParams } from "react-router";
import type { StoredCompetition } from "../api/client";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { DocumentConflict, DocumentStatus } from "../document/DocumentStatus";
import { useCompetitionDocument } from "../document/useCompetitionDocument";
import { Loading } from "../ui/Message";
import { Divisions } from "./Divisions";
import { Exchange } from "./Exchange";
import { Field } from "../ui/Field";
import { KitEditor } from "./KitEditor";
import { OverallEditor } from "./OverallEditor";

/** Name, dates, place, unit, divisions, kit. */
export function CompetitionPage() {
  const { cid = "" } = useParams();
  const stored = useQuery(queries.competition(cid)).data;
  return stored ? <Edit key={cid} stored={stored} /> : <Loading what="the competition" />;
}

function Edit({ stored }: { stored: StoredCompetition }) {
  const doc = useCompetitionDocument(stored);
  const c = doc.value;
  const at = (path: string) => doc.error?.at(path);
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h1>Competition</h1>
        <DocumentStatus of={doc} />
      </div>
      <DocumentConflict of={doc} />
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
        <label className="block">
          <span className="font-semibold">Spanish of the papers</span>
          <select
            className="mt-0.5 block w-full"
            value={c.spanish ?? "Americas"}
            onChange={(e) => doc.change({ ...c, spanish: e.target.value as NonNullable<typeof c.spanish> }, "spanish")}
          >
            <option value="Americas">of the Americas</option>
            <option value="Spain">of Spain</option>
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
