import type { Schemas } from "../api/client";

/** The papers that a reader chooses between, as they are called here, with their names in the API. */
export const papers = { athlete: "Athlete", judge: "Judge", caller: "Caller", crew: "FloorCrew" } as const;
export type ReaderPaper = keyof typeof papers;

const runs: Partial<Record<Schemas["Role"], ReaderPaper[]>> = {
  Organiser: ["caller", "crew"],
  HeadJudge: ["caller", "crew"],
  Caller: ["caller"],
  Crew: ["crew"],
};

/**
 * What somebody is offered: everybody the athlete's and the judge's brief, who runs the floor also their own; and which of them opens
 * first, because it is theirs.
 */
export function readerPapers(roles: readonly Schemas["Role"][]): { own: ReaderPaper; offered: ReaderPaper[] } {
  const more = roles.flatMap((r) => runs[r] ?? []);
  const offered: ReaderPaper[] = ["athlete", "judge", ...new Set(more)];
  const one = roles.length === 1 ? roles[0] : undefined;
  const own = one === "Judge" ? "judge" : one === "Caller" ? "caller" : one === "Crew" ? "crew" : "athlete";
  return { own, offered };
}
