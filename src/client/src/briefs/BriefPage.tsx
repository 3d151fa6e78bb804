import { useQuery } from "@tanstack/react-query";
import { Link, Navigate, useNavigate, useParams } from "react-router";
import { Refused } from "../api/client";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { WorkoutChoice } from "../ui/WorkoutChoice";
import { query, useChoices } from "./choices";
import { MeasurePanel } from "./MeasurePanel";
import { Papers, papers, type Reader } from "./Paper";
import { PaperChoices } from "./PaperChoices";

/** A paper on screen as it prints; printed, or saved as PDF, from the browser. */
export function BriefPage() {
  const { cid = "", wid, audience = "judge" } = useParams();
  const choices = useChoices();
  const overview = useQuery(queries.overview(cid));
  const competition = useQuery(queries.competition(cid)).data?.competition;
  const go = useNavigate();
  const brief = useQuery({
    ...queries.brief(wid ?? "", { audience: named(audience), ...query(choices) }),
    enabled: !!wid,
    placeholderData: (before, last) =>
      last && last.queryKey[1] === wid && (last.queryKey[2] as { audience?: string }).audience === named(audience) ? before : undefined,
  });
  if (!overview.data)
    return overview.isError ? (
      <main className="p-6">
        <Message error={overview.error} />
      </main>
    ) : (
      <Loading what="the briefs" />
    );
  const workouts = overview.data.workouts;
  if (!wid) {
    const first = workouts[0];
    return first ? (
      <Navigate to={`/c/${cid}/briefs/${first.id}/judge`} replace />
    ) : (
      <main className="p-6">
        <h1>Briefs</h1>
        <p>
          There is no workout to brief yet.{" "}
          <Link className="act" to={`/c/${cid}/workouts`}>
            Begin one
          </Link>
        </p>
      </main>
    );
  }
  const [kept, kind] = [choices.text ? `?${choices.text}` : "", named(audience)];
  const refused = brief.error instanceof Refused ? brief.error : null;
  return (
    <main className="px-6 py-4 print:p-0">
      <div className="off-paper">
        <div className="flex flex-wrap items-baseline justify-between gap-4">
          <span className="flex min-w-0 flex-wrap items-baseline gap-x-6">
            <h1>Briefs</h1>
            <WorkoutChoice workouts={workouts} chosen={wid} to={(id) => `/c/${cid}/briefs/${id}/${audience}${kept}`} />
          </span>
          <span className="flex flex-wrap items-baseline gap-5">
            {(kind === "Judge" || kind === "Athlete") && (
              <Link className="act" to={`/c/${cid}/talk/${wid}/${kind.toLowerCase()}${kept}`}>
                Spoken briefing
              </Link>
            )}
            <Link className="act" to={`/c/${cid}/pack${kept}`}>
              The whole pack
            </Link>
            <button className="press" onClick={() => window.print()}>
              Print or save as PDF
            </button>
          </span>
        </div>
        <div className="mt-2 mb-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-rule pb-3">
          <label className="flex items-center gap-2">
            Paper
            <select
              value={audience.toLowerCase()}
              onChange={(e) => void go({ pathname: `/c/${cid}/briefs/${wid}/${e.target.value}`, search: choices.text })}
            >
              {(Object.keys(papers) as Reader[]).map((a) => (
                <option key={a} value={a.toLowerCase()}>
                  {papers[a]}
                </option>
              ))}
            </select>
          </label>
          <PaperChoices
            of={choices}
            divisions={competition?.divisions.map((d) => d.name) ?? []}
            figures={kind === "Athlete" || kind === "Judge"}
            head={kind === "Judge"}
            cards={kind === "LaneCard"}
            others={kind !== "LaneCard"}
            posts={brief.data?.posts ?? []}
            refused={refused}
          />
          <span className="flex gap-4 text-[0.9rem]">
            <a className="act" href={address(wid, kind, choices, "brief.md")} download>
              Markdown
            </a>
            <a className="act" href={address(wid, kind, choices, "brief")} download={`${kind.toLowerCase()}.json`}>
              JSON
            </a>
          </span>
          {brief.data && brief.data.open > 0 && (
            <span className="font-semibold text-brick">
              {brief.data.open} {brief.data.open === 1 ? "note" : "notes"} must be settled before this is handed out.{" "}
              <Link className="act" to={`/c/${cid}/w/${wid}`}>
                Open the draft
              </Link>
            </span>
          )}
        </div>
      </div>
      {refused && !refused.at("cards") && !refused.at("first") && <Message error={refused} retry={() => void brief.refetch()} />}
      {refused?.at("division") && (
        <p className="off-paper">
          {refused.at("division")}{" "}
          <button className="act" onClick={() => choices.set("division", "")}>
            Show it for all
          </button>
        </p>
      )}
      {brief.isPending && <Loading what="the brief" />}
      {kind === "Measurement" && <MeasurePanel key={wid} wid={wid} />}
      {brief.data && <Papers briefs={[brief.data]} sheet={choices.sheet} cards={choices.cardSheet} />}
    </main>
  );
}

const named = (audience: string) => (Object.keys(papers) as Reader[]).find((a) => a.toLowerCase() === audience.toLowerCase()) ?? "Judge";

const address = (wid: string, audience: string, choices: ReturnType<typeof useChoices>, what: string) => {
  const said = Object.entries(query(choices)).map(([k, v]) => [k, String(v)]);
  return `/api/workouts/${wid}/${what}?${new URLSearchParams({ audience, ...Object.fromEntries(said) }).toString()}`;
};
