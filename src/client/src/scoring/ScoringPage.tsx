import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, Navigate, useParams } from "react-router";
import { queries } from "../api/queries";
import { Choice } from "../ui/Choice";
import { Loading, Message } from "../ui/Message";
import { WorkoutChoice } from "../ui/WorkoutChoice";
import { sizes } from "../competition/entrySizes";
import { TryForm } from "./TryForm";

/** The rules in sentences, and a result to try them on. */
export function ScoringPage() {
  const { cid = "", wid } = useParams();
  const overview = useQuery(queries.overview(cid));
  if (!overview.data)
    return overview.isError ? (
      <main className="p-6">
        <Message error={overview.error} />
      </main>
    ) : (
      <Loading what="the scoring" />
    );
  const workouts = overview.data.workouts;
  if (!wid) {
    const first = workouts[0];
    return first ? (
      <Navigate to={`/c/${cid}/scoring/${first.id}`} replace />
    ) : (
      <main className="p-6">
        <h1>Scoring</h1>
        <p>
          There is no workout to score yet.{" "}
          <Link className="act" to={`/c/${cid}/workouts`}>
            Begin one
          </Link>
        </p>
      </main>
    );
  }
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule pb-2">
        <h1>Scoring</h1>
        <WorkoutChoice workouts={workouts} chosen={wid} to={(id) => `/c/${cid}/scoring/${id}`} />
      </div>
      <Of key={wid} cid={cid} wid={wid} />
    </main>
  );
}

function Of({ cid, wid }: { cid: string; wid: string }) {
  const stored = useQuery(queries.workout(wid));
  const competition = useQuery(queries.competition(cid)).data?.competition;
  const explained = useQuery(queries.explained(cid, wid, stored.data));
  const [division, setDivision] = useState("");
  const [duty, setDuty] = useState("");
  if (stored.isError) return <Message error={stored.error} retry={() => void stored.refetch()} />;
  if (!stored.data || !explained.data || !competition) return <Loading what="the rules" />;
  const columns = explained.data.explanation.entries;
  const divisions = [...new Set(columns.map((c) => c.division))];
  const d = divisions.includes(division) ? division : (divisions[0] ?? "");
  const duties = columns.filter((c) => c.division === d).map((c) => c.duty);
  const u = duties.includes(duty) ? duty : (duties[0] ?? "");
  if (columns.length === 0)
    return (
      <p className="mt-4">
        This workout is for nobody yet.{" "}
        <Link className="act" to={`/c/${cid}/w/${wid}`}>
          Open the draft
        </Link>
      </p>
    );
  return (
    <>
      <div className="mt-3 flex flex-wrap gap-x-8">
        <Choice label="Division" value={d} of={divisions} onChange={setDivision} />
        {duties.length > 6 ? (
          <label className="flex items-center gap-2">
            Entry{" "}
            <select value={u} onChange={(e) => setDuty(e.target.value)}>
              {duties.map((x) => (
                <option key={x}>{x}</option>
              ))}
            </select>
          </label>
        ) : (
          <Choice label="Entry" value={u} of={duties} onChange={setDuty} />
        )}
      </div>
      <TryForm
        key={`${d}/${u}`}
        cid={cid}
        body={stored.data.body}
        division={d}
        entry={u}
        members={sizes[competition.divisions.find((x) => x.name === d)?.kind ?? "Individual"]}
        unit={competition.unit === "Kilogram" ? "kg" : "lb"}
        draft={`/c/${cid}/w/${wid}`}
      />
    </>
  );
}
