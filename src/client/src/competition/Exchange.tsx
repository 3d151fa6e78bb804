import { useState } from "react";
import { useNavigate } from "react-router";
import { Refused } from "../api/client";
import { FileButton } from "../ui/FileButton";
import { importCompetition, importWorkout } from "./exchange";

const programmes = [
  ["docx", "Programme as a document (.docx)"],
  ["xlsx", "Loads as a spreadsheet (.xlsx)"],
  ["md", "Programme as Markdown"],
  ["txt", "Programme as text"],
] as const;

/** Files for other programs: the whole competition, or a workout into it. */
export function Exchange({ cid }: { cid: string }) {
  const go = useNavigate();
  const [error, setError] = useState<string | null>(null);
  const run = (work: Promise<string>) => {
    setError(null);
    void work.then((to) => go(to)).catch((e: unknown) => setError(e instanceof Refused ? e.title : "This file could not be read."));
  };
  return (
    <section aria-labelledby="exchange" className="mt-7">
      <div className="section-head">
        <h2 id="exchange">Files</h2>
      </div>
      <p className="mt-2 flex flex-wrap gap-x-6 gap-y-1">
        <a className="act" href={`/api/competitions/${cid}/export`} download>
          Export this competition
        </a>
        {programmes.map(([ending, label]) => (
          <a key={ending} className="act" href={`/api/competitions/${cid}/programme.${ending}`} download>
            {label}
          </a>
        ))}
        <FileButton
          label="Add a workout from a file"
          accept=".json,application/json"
          onText={(t) => run(importWorkout(cid, t).then((id) => `/c/${cid}/w/${id}`))}
        />
        <FileButton
          label="Open a competition from a file"
          accept=".json,application/json"
          onText={(t) => run(importCompetition(t).then((id) => `/c/${id}`))}
        />
      </p>
      {error && (
        <p role="alert" className="field-error max-w-prose">
          {error}
        </p>
      )}
    </section>
  );
}
