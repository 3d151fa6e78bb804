import type { Schemas } from "../api/client";
import { points } from "./words";

type Results = Schemas["ResultsOf"];

/** A page of the hall's screen: a table of one division, cut where the screen ends. */
export type HallPage = {
  title: string;
  division: string;
  state: string;
  rows: { key: string; place: string; bib: string; name: string; text: string; more: string }[];
  part: number;
  parts: number;
};

const cut = <T>(all: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.max(1, Math.ceil(all.length / size)) }, (_, i) => all.slice(i * size, (i + 1) * size));

/** Everything the screen goes through, a division after the other: its newest workout with entered cards, then its overall table. */
export function hallPages(r: Results, size: number): HallPage[] {
  const names = new Map(r.names.map((n) => [n.entry, n]));
  const who = (entry: string) => ({ bib: names.get(entry)?.bib ?? "", name: names.get(entry)?.name ?? "" });
  const divisions = [...new Set(r.workouts.flatMap((w) => w.tables.map((t) => t.division)))];
  return divisions.flatMap((division) => {
    const scored = r.workouts.filter((w) => w.tables.some((t) => t.division === division && t.lines.some((l) => l.class)));
    const newest = scored.at(-1);
    const tables = (newest?.tables ?? [])
      .filter((t) => t.division === division)
      .map((t) => ({
        title: `${newest!.title}, ${t.score}`,
        state: newest!.standings.find((s) => s.division === division)?.state === "Final" ? "final" : "provisional",
        rows: t.lines
          .filter((l) => l.class)
          .map((l) => ({ key: l.entry, place: l.place ? String(l.place) : "", ...who(l.entry), text: l.text, more: l.tieText ?? "" })),
      }));
    const overall = r.overall
      .filter((o) => o.division === division && scored.length > 1)
      .map((o) => ({
        title: "overall",
        state: o.isFinal ? "final" : "provisional",
        rows: o.rows.map((x) => ({ key: x.entry, place: String(x.place), ...who(x.entry), text: points(x.points), more: "points" })),
      }));
    return [...tables, ...overall].flatMap((t) =>
      cut(t.rows, size).map((rows, i, all) => ({ title: t.title, division, state: t.state, rows, part: i + 1, parts: all.length })),
    );
  });
}
