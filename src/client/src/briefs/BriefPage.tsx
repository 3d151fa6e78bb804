import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, Navigate, useNavigate, useParams, useSearchParams } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { useCompetition, useOverview } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { nonce } from "../ui/nonce";
import { Paper, papers } from "./Paper";

/** A brief as paper on screen; printed, or saved as PDF, from the browser. */
export function BriefPage() {
  const { cid = "", wid, audience = "judge" } = useParams();
  const [search, setSearch] = useSearchParams();
  const division = search.get("division") ?? "";
  const overview = useOverview(cid);
  const competition = useCompetition(cid).data?.competition;
  const go = useNavigate();
  const brief = useQuery({
    queryKey: ["brief", wid, audience, division],
    enabled: !!wid,
    staleTime: 0,
    queryFn: () => ask(api.GET("/api/workouts/{id}/brief", {
      params: { path: { id: wid! }, query: { audience: named(audience), ...(division ? { division } : {}) } },
    })),
  });
  useRunningFoot(brief.data ? `${brief.data.title} · ${papers[brief.data.audience].toLowerCase()} · ${brief.data.date} · ${brief.data.fingerprint}` : "");
  if (!overview.data) return overview.isError ? <main className="p-6"><Message error={overview.error} /></main> : <Loading what="the briefs" />;
  const workouts = overview.data.workouts;
  if (!wid) {
    const first = workouts[0];
    return first ? <Navigate to={`/c/${cid}/briefs/${first.id}/judge`} replace />
      : <main className="p-6"><h1>Briefs</h1><p>There is no workout to brief yet. <Link className="act" to={`/c/${cid}/workouts`}>Begin one</Link></p></main>;
  }
  const names = competition?.divisions.map((d) => d.name) ?? [];
  return (
    <main className="px-6 py-4 print:p-0">
      <div className="off-paper">
        <div className="flex flex-wrap items-baseline justify-between gap-4"><h1>Briefs</h1><button className="press" onClick={() => window.print()}>Print or save as PDF</button></div>
        <nav aria-label="Workout" className="mt-1 flex flex-wrap gap-x-4">
          {workouts.map((w) => <Link key={w.id} className="under" aria-current={w.id === wid ? "page" : undefined} to={`/c/${cid}/briefs/${w.id}/${audience}${division ? `?division=${encodeURIComponent(division)}` : ""}`}><bdi>{w.title || "Untitled"}</bdi></Link>)}
        </nav>
        <div className="mt-2 mb-4 flex flex-wrap items-center gap-x-8 gap-y-2 border-b border-rule pb-3">
          <label className="flex items-center gap-2">Paper
            <select value={audience} onChange={(e) => void go({ pathname: `/c/${cid}/briefs/${wid}/${e.target.value}`, search: search.toString() })}>
              {(Object.keys(papers) as Schemas["Audience"][]).map((a) => <option key={a} value={a.toLowerCase()}>{papers[a]}</option>)}
            </select>
          </label>
          <label className="flex items-center gap-2">Division
            <select value={division} onChange={(e) => setSearch(e.target.value ? { division: e.target.value } : {})}>
              <option value="">all</option>{names.map((n) => <option key={n}>{n}</option>)}
            </select>
          </label>
          {brief.data && brief.data.open > 0 && <span className="font-semibold text-brick">{brief.data.open} {brief.data.open === 1 ? "note" : "notes"} must be settled before this is handed out. <Link className="act" to={`/c/${cid}/w/${wid}`}>Open the draft</Link></span>}
        </div>
      </div>
      {brief.isError && <Message error={brief.error} retry={() => void brief.refetch()} />}
      {brief.isPending && <Loading what="the brief" />}
      {brief.data && <Paper brief={brief.data} />}
    </main>
  );
}

const named = (audience: string) => (Object.keys(papers) as Schemas["Audience"][]).find((a) => a.toLowerCase() === audience.toLowerCase()) ?? "Judge";

/** Date and fingerprint on every printed page: page margins can only be filled by a style rule. */
function useRunningFoot(text: string) {
  useEffect(() => {
    const style = document.createElement("style");
    style.nonce = nonce();
    // Whatever could end the string or the rule is written as a code point.
    const safe = text.replace(/[^\p{L}\p{N} ·,.:-]/gu, (c) => `\\${c.codePointAt(0)!.toString(16)} `);
    style.textContent = `@page { @bottom-left { content: "${safe}"; font: 7.5pt var(--font-text), sans-serif; } @bottom-right { content: counter(page) " / " counter(pages); font: 7.5pt var(--font-text), sans-serif; } }`;
    document.head.append(style);
    return () => style.remove();
  }, [text]);
}
