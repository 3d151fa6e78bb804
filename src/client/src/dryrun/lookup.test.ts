import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { at, lastAt, nextAfter, shown, type Track } from "./lookup";

const rows = fc
  .array(fc.integer({ min: 0, max: 1000 }), { maxLength: 60 })
  .map((times) => times.sort((a, b) => a - b).map((t, n) => ({ at: t, n })));

describe("looking up", () => {
  it("finds the last row that has come, as a walk over all of them does", () => {
    fc.assert(
      fc.property(rows, fc.integer({ min: -5, max: 1005 }), (list, time) => {
        expect(lastAt(list, time)).toEqual(list.filter((r) => r.at <= time).at(-1));
        expect(nextAfter(list, time)).toEqual(list.find((r) => r.at > time));
      }),
    );
  });
});

const track = (more: Partial<Track>): Track => ({
  part: "",
  opens: 0,
  ends: 60_000,
  finished: false,
  counts: true,
  all: 20,
  tasks: [{ at: 0, words: "12 sit-up", of: 12, looks: null, load: null }],
  ticks: [],
  noReps: [],
  who: [],
  rests: [],
  ...more,
});

describe("a lane at a time", () => {
  it("is at the last unit that counted, and at none of a task that has just begun", () => {
    const two = track({
      tasks: [
        { at: 0, words: "2 sit-up", of: 2, looks: null, load: null },
        { at: 4000, words: "8 burpee", of: 8, looks: null, load: null },
      ],
      ticks: [
        { at: 2000, unit: 1, counted: 1 },
        { at: 4000, unit: 2, counted: 2 },
        { at: 9000, unit: 1, counted: 3 },
      ],
    });
    expect(at(two, 2500)).toMatchObject({ unit: 1, counted: 1, standing: "works" });
    expect(at(two, 4000)).toMatchObject({ unit: 0, counted: 2, task: { words: "8 burpee" } });
    expect(at(two, 9000)).toMatchObject({ unit: 1, counted: 3 });
  });

  it("waits, works, rests, and is done or stopped", () => {
    const rested = track({ opens: 1000, rests: [{ from: 5000, until: 8000 }] });
    expect([0, 1000, 5000, 8000, 60_000].map((t) => at(rested, t).standing)).toEqual(["waits", "works", "rests", "works", "stopped"]);
    expect(at(track({ finished: true, ends: 40_000 }), 40_000).standing).toBe("done");
  });

  it("shows a no-rep for two seconds", () => {
    const called = track({ noReps: [{ at: 3000, words: "No rep, low" }] });
    expect([2999, 3000, 4999, 5000].map((t) => at(called, t).noRep)).toEqual([undefined, "No rep, low", "No rep, low", undefined]);
  });

  it("shows every part that is open, and otherwise the one that ended last", () => {
    const parts = [track({ part: "A", ends: 10 }), track({ part: "B", ends: 20 }), track({ part: "C", opens: 30, ends: 40 })];
    expect(shown(parts, 5).map((t) => t.part)).toEqual(["A", "B"]);
    expect(shown(parts, 25).map((t) => t.part)).toEqual(["B"]);
    expect(shown(parts, 30).map((t) => t.part)).toEqual(["C"]);
  });
});
