import { Link, useParams } from "react-router";
import type { Competition, Schemas, StoredCompetition } from "../api/client";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { DocumentConflict, DocumentStatus } from "../document/DocumentStatus";
import { useCompetitionDocument } from "../document/useCompetitionDocument";
import { Loading, Message } from "../ui/Message";
import { capital } from "./words";

/** An id has no spaces: a list of ids is separated by them. */
const idOf = (topic: string) => `t-${topic.replaceAll(" ", "-")}`;

/** True for what no competition can say for all: every answer is a line of a workout. */
const saysEach = (topic: Schemas["Topic"]) => topic.schools.length > 0 && topic.schools.every((s) => s.needsLine);

/** Where the trade disagrees: the schools side by side, what each means, which is in force, and who departs. */
export function PoliciesPage() {
  const { cid = "" } = useParams();
  const stored = useQuery(queries.competition(cid));
  const policies = useQuery(queries.policies(cid));
  if (stored.isError || policies.isError)
    return (
      <main className="p-6">
        <Message
          error={stored.error ?? policies.error!}
          retry={() => {
            void stored.refetch();
            void policies.refetch();
          }}
        />
      </main>
    );
  if (!stored.data || !policies.data) return <Loading what="the policies" />;
  return <Policies key={stored.data.id} cid={cid} stored={stored.data} topics={policies.data} />;
}

function Policies({ cid, stored, topics }: { cid: string; stored: StoredCompetition; topics: Schemas["TopicInForce"][] }) {
  const doc = useCompetitionDocument(stored);
  const chosen = (topic: string) => (doc.value.policies ?? []).find((p) => p.topic.toLowerCase() === topic && !p.division)?.answer;
  const choose = (topic: string, answer: string | null) => {
    const rest = (doc.value.policies ?? []).filter((p) => p.division || p.topic.toLowerCase() !== topic);
    const next: Competition = { ...doc.value, policies: answer === null ? rest : [...rest, { topic, answer, division: null }] };
    doc.change(next, `policy ${topic}`);
  };
  const open = topics.filter((t) => t.topic.default == null && !saysEach(t.topic) && chosen(t.topic.name) === undefined).length;
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <div className="flex flex-wrap items-baseline gap-3">
          <h1>Policies</h1>
          <span className="text-soft">{open ? `${open} not answered for the whole competition` : "all answered"}</span>
        </div>
        <DocumentStatus of={doc} />
      </div>
      <p className="mt-1 max-w-prose text-soft">
        Where the trade disagrees, one answer is in force. Choosing another rewrites every clause that it touches; a workout or a division
        may depart, and that is shown here.{" "}
        <Link className="act" to={`/c/${cid}/standards`}>
          To the book
        </Link>
      </p>
      {doc.error && <Message error={doc.error} />}
      <DocumentConflict of={doc} />
      {topics.map(({ topic, inForce, departures }) => {
        const now = chosen(topic.name) ?? topic.default ?? inForce ?? null;
        return (
          <section key={topic.name} aria-labelledby={idOf(topic.name)} className="mt-5">
            <div className="section-head flex-wrap">
              <h2 id={idOf(topic.name)}>{topic.question.english}</h2>
              <span className="mono text-soft">policy {topic.name}</span>
            </div>
            <div role="radiogroup" aria-labelledby={idOf(topic.name)} className="mt-1 grid gap-x-6 sm:grid-cols-2 lg:grid-cols-3">
              {topic.schools.map((s) => (
                <label key={s.name} className={`block cursor-pointer border-b py-2 ${now === s.name ? "border-spruce" : "border-rule"}`}>
                  <span className="flex items-baseline gap-2">
                    <input
                      type="radio"
                      name={topic.name}
                      checked={now === s.name}
                      onChange={() => choose(topic.name, s.name)}
                      className="min-h-0"
                    />
                    <b>{capital(s.label.english)}</b>
                    {now === s.name && <span className="whitespace-nowrap text-[0.87rem] font-bold text-spruce">in force</span>}
                  </span>
                  <span className="block text-[0.9rem] text-soft">Judges: {s.judges.english}</span>
                  <span className="block text-[0.9rem] text-soft">Athletes: {s.athletes.english}</span>
                  {s.needsLine && <span className="block text-[0.87rem] text-quiet">each workout is asked for its line</span>}
                  {(s.affects?.length ?? 0) > 0 && (
                    <span className="block text-[0.87rem] text-quiet">rewrites {s.affects!.join(", ")}</span>
                  )}
                </label>
              ))}
            </div>
            {topic.takesWords && (
              <OwnWords
                key={now ?? ""}
                said={topic.schools.some((s) => s.name === now) ? "" : (now ?? "")}
                say={(words) => choose(topic.name, words)}
              />
            )}
            <p className="mt-1 text-[0.9rem] text-soft">
              {now === null && (saysEach(topic) ? "Each workout says it. " : <b className="text-ochre">Nobody has said. </b>)}
              {topic.recommended && `Recommended: ${topic.recommended}. `}
              {topic.why.english}{" "}
              {chosen(topic.name) !== undefined && (
                <button className="act" onClick={() => choose(topic.name, null)}>
                  {topic.default ? "Back to the default" : "Leave it open"}
                </button>
              )}
            </p>
            {departures.length > 0 && <p className="text-[0.9rem] font-semibold text-ochre">Departs: {departures.join("; ")}</p>}
          </section>
        );
      })}
    </main>
  );
}

/** An answer that is none of the schools. */
function OwnWords({ said, say }: { said: string; say: (words: string) => void }) {
  return (
    <form
      className="mt-1 flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        const words = String(new FormData(e.currentTarget).get("words")).trim();
        if (words && words !== said) say(words);
      }}
    >
      <label className="block grow max-w-prose">
        In your own words{said && <span className="ml-2 text-[0.87rem] font-bold text-spruce">in force</span>}
        <input className="block w-full" name="words" defaultValue={said} maxLength={300} />
      </label>
      <button className="press-plain">Say it</button>
    </form>
  );
}
