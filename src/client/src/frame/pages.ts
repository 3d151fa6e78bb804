/** What a page is called, by its first word behind the competition; a workout stands before it. */
const names: Record<string, string> = {
  w: "draft",
  workouts: "workouts",
  read: "read a text",
  standards: "standards",
  scoring: "scoring",
  checks: "checks",
  "dry-run": "dry run",
  publish: "publish",
  pack: "the whole pack",
  talk: "spoken briefing",
  briefs: "briefs",
  entries: "athletes",
  judges: "judges and helpers",
  training: "training of judges",
  slips: "slips for a calibration",
  drift: "drift",
  statement: "how far scores can be compared",
  days: "the days",
  cards: "cards",
  times: "times on paper",
  desk: "score desk",
  results: "results",
  why: "why it stands there",
  incidents: "incidents",
  people: "people",
  log: "what was done",
};

const parts = (path: string): [string, string] => {
  const [page = "", wid = ""] = path.split("/").slice(3);
  return [page, wid];
};

/** The name of a tab: the workout and the page, then the competition. */
export function titleOf(path: string, competition: string, workouts: readonly { id: string; title: string }[]): string {
  const [page, wid] = parts(path);
  const workout = workouts.find((w) => w.id === wid)?.title;
  const name = names[page] ?? "competition";
  const first = workout ? `${workout}, ${name}` : name.charAt(0).toUpperCase() + name.slice(1);
  return `${first} · ${competition} · Fair Compass`;
}

/** Pages that are about one workout, and lead to the same page of another. */
const ofOne = new Set(["w", "scoring", "dry-run", "publish", "talk", "briefs"]);

/** Where a step of the route leads: to its page of the workout that one is at, where it is about one. */
export const stepOf = (path: string, cid: string, step: string): string => {
  const [page, wid] = parts(path);
  return `/c/${cid}/${ofOne.has(page) && wid && ofOne.has(step) ? `${step}/${wid}` : step}`;
};

/** Where a workout of the route leads: to the page that is open, the same paper of it, or to its draft. */
export const samePage = (path: string, cid: string, id: string): string => {
  const [page] = parts(path);
  return ofOne.has(page) ? ["/c", cid, page, id, ...path.split("/").slice(5)].join("/") : `/c/${cid}/w/${id}`;
};
