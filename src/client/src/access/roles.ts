import type { Schemas } from "../api/client";

export type Role = Schemas["Role"];

/** The roles in the order in which people are looked for, as they are called. */
export const roles: readonly [Role, string][] = [
  ["Organiser", "organiser"],
  ["HeadJudge", "head judge"],
  ["CoAuthor", "co-author"],
  ["Measurer", "measurer"],
  ["ScoreDesk", "score desk"],
  ["Judge", "judge"],
  ["Caller", "caller"],
  ["Crew", "crew"],
  ["Reader", "reader"],
];

export const called = (role: string) => roles.find(([r]) => r === role)?.[1] ?? role;

/** Roles that a link may give: they change nothing. */
export const byLink = roles.filter(([r]) => ["Judge", "Caller", "Crew", "Reader"].includes(r));
