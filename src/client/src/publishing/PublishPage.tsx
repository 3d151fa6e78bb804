import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, Navigate, useParams } from "react-router";
import { api, ask, Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { when } from "../ui/days";
import { Loading, Message } from "../ui/Message";
import { WorkoutChoice } from "../ui/WorkoutChoice";
import { ChangeList } from "./ChangeList";
import { InterviewCard } from "./InterviewCard";
import { QuestionsToAnswer } from "./QuestionsToAnswer";
import { Readers } from "./Readers";
import { ToSign } from "./ToSign";

/** From an unfinished draft to a published version: one open question at a time, then the version, then what readers ask. */
export function PublishPage() {
  const { cid = "", wid } = useParams();
  const overview = useQuery(queries.overview(cid));
  if (!overview.data)
    return overview.isError ? (
      <main className="p-6">
        <Message error={overview.error} />
      </main>
    ) : (
      <Loading what="publishing" />
    );
  const workouts = overview.data.workouts;
  if (!wid)
    return workouts[0] ? (
      <Navigate to={`/c/${cid}/publish/${workouts[0].id}`} replace />
    ) : (
      <main className="p-6">
        <h1>Publish</h1>
        <p>
          There is no workout yet.{" "}
          <Link className="act" to={`/c/${cid}/workouts`}>
            Begin one
          </Link>
        </p>
      </main>
    );
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-b border-rule pb-2">
        <h1>Publish</h1>
        <WorkoutChoice workouts={workouts} chosen={wid} to={(id) => `/c/${cid}/publish/${id}`} />
      </div>
      <Workout key={wid} cid={cid} wid={wid} />
    </main>
  );
}

function Workout({ cid, wid }: { cid: string; wid: string }) {
  const interview = useQuery(queries.interview(wid));
  const versions = useQuery(queries.published(wid));
  const competition = useQuery(queries.competition(cid)).data;
  if (interview.isError) return <Message error={interview.error} retry={() => void interview.refetch()} />;
  if (!interview.data || !versions.data || !competition) return <Loading what="the interview" />;
  const again = () => changed.publishing(cid, wid);
  const open = interview.data.questions;
  return (
    <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <div className="min-w-0 space-y-6">
        {open.length > 0 ? (
          <InterviewCard cid={cid} wid={wid} interview={interview.data} competition={competition} done={again} />
        ) : (
          <Next key={interview.data.published?.number ?? 0} wid={wid} interview={interview.data} done={again} />
        )}
        <ToSign cid={cid} unsigned={interview.data.unsigned} competition={competition} done={again} />
        <QuestionsToAnswer wid={wid} done={again} />
      </div>
      <div className="min-w-0 space-y-6">
        <Versions wid={wid} versions={versions.data} />
        {versions.data[0] && <Readers wid={wid} newest={versions.data[0]} />}
      </div>
    </div>
  );
}

/** Nothing is open: the draft can become the next version. */
function Next({ wid, interview, done }: { wid: string; interview: Schemas["InterviewOf"]; done: () => Promise<void> }) {
  const [from, setFrom] = useState(interview.holdsFrom);
  const [note, setNote] = useState("");
  const [saveId] = useState(() => crypto.randomUUID());
  const [error, setError] = useState<Refused | null>(null);
  const [busy, setBusy] = useState(false);
  const last = interview.published;
  if (!interview.changed && last)
    return (
      <section aria-labelledby="next">
        <h2 id="next" className="section-head">
          Published
        </h2>
        <p className="py-2">Version {last.number} says what the draft says. Change the draft, and the correction can be published here.</p>
      </section>
    );
  const publish = async () => {
    setBusy(true);
    try {
      await ask(
        api.POST("/api/workouts/{id}/publish", {
          params: { path: { id: wid } },
          body: { baseRevision: interview.revision, competitionRevision: interview.competitionRevision, saveId, holdsFrom: from, note },
        }),
      );
      await done();
    } catch (e) {
      setError(e as Refused);
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-labelledby="next">
      <h2 id="next" className="section-head">
        {last ? `Correction: version ${last.number + 1}` : "Nothing is open"}
      </h2>
      <p className="py-2">
        {last ? "The draft differs from what is published:" : "Every question is answered. The draft can be published as version 1."}
      </p>
      {last && <ChangeList wid={wid} from={last.number} />}
      <div className="mt-3 flex flex-wrap gap-4">
        <label className="block">
          Holds from
          <input
            className="block w-64"
            value={from}
            maxLength={120}
            placeholder="heat 3, or at once"
            onChange={(e) => setFrom(e.target.value)}
          />
        </label>
        <label className="block grow">
          Note for readers
          <input className="block w-full" value={note} maxLength={600} onChange={(e) => setNote(e.target.value)} />
        </label>
      </div>
      <p className="mt-3">
        <button className="press" disabled={busy} onClick={() => void publish()}>
          Publish version {(last?.number ?? 0) + 1}
        </button>{" "}
        <span className="text-soft">What is published is never changed; a correction is a new version.</span>
      </p>
      {error && (
        <Message
          error={error}
          retry={() => {
            setError(null);
            void done();
          }}
        />
      )}
    </section>
  );
}

function Versions({ wid, versions }: { wid: string; versions: Schemas["PublishedVersion"][] }) {
  return (
    <section aria-labelledby="versions">
      <h2 id="versions" className="section-head">
        Versions
      </h2>
      {versions.length === 0 && <p className="py-2 text-soft">Nothing is published yet.</p>}
      {versions.map((v) => (
        <div key={v.id} className="border-b border-rule py-2">
          <p>
            <b>Version {v.number}</b> · <span className="mono">{v.code}</span> · {when(v.at)}
            {v.by && `, by ${v.by}`}
            {v.holdsFrom && (
              <>
                {" "}
                · holds from <bdi>{v.fromHeat ? `heat ${v.fromHeat} on` : v.holdsFrom}</bdi>
              </>
            )}
          </p>
          {v.note && (
            <p className="text-soft">
              <bdi>{v.note}</bdi>
            </p>
          )}
          <p className="flex flex-wrap gap-x-4">
            <Link className="act" to={`/p/${v.code}`}>
              Readers’ page
            </Link>
            {v.number > 1 && (
              <Link className="act" to={`/p/${v.code}/erratum`}>
                Erratum sheet
              </Link>
            )}
          </p>
          {v.number > 1 && (
            <details>
              <summary className="act">What changed</summary>
              <ChangeList wid={wid} from={v.number - 1} to={v.number} />
            </details>
          )}
        </div>
      ))}
    </section>
  );
}
