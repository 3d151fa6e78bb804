import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { hallPages } from "./hallPages";
import { applied, type Change } from "./live";

type Results = Schemas["ResultsOf"];

const line = (entry: string, place: number, text: string): Schemas["ResultLine"] => ({
  entry,
  place,
  text,
  tieText: null,
  reasons: [],
  checked: false,
  version: 1,
  class: text ? "Scored" : null,
});

const standing = (division: string): Schemas["Standing"] => ({
  division,
  state: "Provisional",
  open: [],
  protestUntil: null,
  code: "",
  by: null,
  at: null,
  changed: false,
});

/** Results of two workouts in two divisions, with a number in each table that changes. */
const results = (seq: number, scores: readonly number[]): Results => ({
  seq,
  competition: "Games",
  workouts: ["w1", "w2"].map((workout, w) => ({
    workout,
    title: workout,
    tables: ["Sport", "Open"].map((division, d) => ({
      division,
      score: "the score",
      rule: [],
      lines: [line("a", 1, `${scores[w * 2 + d]} reps`)],
      missing: 0,
      mixed: false,
      weight: 1,
    })),
    standings: ["Sport", "Open"].map(standing),
    noCard: 0,
    rescored: null,
  })),
  overall: ["Sport", "Open"].map((division, d) => ({
    division,
    rule: [],
    columns: [],
    rows: [{ entry: "a", place: 1, points: scores[d]! + scores[2 + d]!, places: [1], each: [100], tieText: null, without: 0 }],
    moreIsBetter: true,
    isFinal: false,
  })),
  clubs: [],
  rules: { protestMinutes: 15, decideMinutes: 30, secondEntry: "None", clubs: null, clubBest: 4 },
  names: [{ entry: "a", bib: "1", name: "A", gym: "" }],
});

/** What the server would tell: the tables that differ. */
const between = (was: Results, now: Results): Change => ({
  since: was.seq,
  seq: now.seq,
  whole: false,
  tables: now.workouts.flatMap((w, i) =>
    w.tables
      .filter((t, k) => JSON.stringify(t) !== JSON.stringify(was.workouts[i]!.tables[k]))
      .map((table) => ({ workout: w.workout, table })),
  ),
  workouts: [],
  overall: now.overall.filter((o, i) => JSON.stringify(o) !== JSON.stringify(was.overall[i])),
  clubs: null,
});

const history = fc.array(fc.tuple(fc.nat(3), fc.nat(9)), { minLength: 1, maxLength: 12 }).map((edits) => {
  const scores = [0, 0, 0, 0];
  return [results(1, scores), ...edits.map(([at, value], i) => ((scores[at] = value), results(i + 2, [...scores])))];
});

describe("a page that follows results", () => {
  it("has what the server has, whatever it missed, doubled, or heard late", () => {
    fc.assert(
      fc.property(history, fc.array(fc.tuple(fc.nat(), fc.nat(), fc.nat(9)), { maxLength: 30 }), (all, told) => {
        let page = all[0]!;
        for (const [a, b, drop] of told) {
          const [from, to] = [a % all.length, b % all.length].sort((x, y) => x - y) as [number, number];
          if (from === to) continue;
          const next = applied(page, between(all[from]!, all[to]!));
          // Null: it asks for all, and may get it, or may not be reached.
          page = next ?? (drop > 4 ? all[to]! : page);
          expect(page).toEqual(all[page.seq - 1]);
        }
      }),
      { numRuns: 300 },
    );
  });

  it("goes no step back, and asks for all where it is told to", () => {
    const [one, two] = [results(1, [1, 1, 1, 1]), results(2, [2, 1, 1, 1])];
    expect(applied(two, between(one, two))).toBe(two);
    expect(applied(one, { ...between(one, two), whole: true })).toBeNull();
    expect(applied(one, { ...between(two, results(3, [2, 2, 1, 1])), since: 2 })).toBeNull();
  });
});

describe("the hall’s screen", () => {
  it("goes through every entered line of each division once, in parts that fit", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 4, max: 12 }), fc.integer({ min: 0, max: 40 }), (n, size, empty) => {
        const of = results(1, [1, 1, 1, 1]);
        of.workouts[1]!.tables[0]!.lines = Array.from({ length: n }, (_, i) =>
          line(`e${i}`, i + 1, i < n - empty || i === 0 ? "9 reps" : ""),
        );
        const pages = hallPages(of, size).filter((p) => p.division === "Sport" && p.title.startsWith("w2"));
        const rows = pages.flatMap((p) => p.rows);
        expect(rows.length).toBe(of.workouts[1]!.tables[0]!.lines.filter((l) => l.class).length);
        expect(new Set(rows.map((r) => r.key)).size).toBe(rows.length);
        expect(pages.every((p, i) => p.rows.length <= size && p.part === i + 1 && p.parts === pages.length)).toBe(true);
      }),
    );
  });
});
