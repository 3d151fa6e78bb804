import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Explanation, Schemas } from "../api/client";
import { judgesAt, sayAt, spanAt, ticksOf } from "./clockWords";

const span = (kind: Schemas["ClockSpan"]["kind"], starts: number, ends: number, pieces: string[] = []): Schemas["ClockSpan"] =>
  ({ kind, starts, ends, pieces, where: [] }) as unknown as Schemas["ClockSpan"];

const timeline = {
  ends: 600_000,
  forks: [],
  spans: [span("Work", 0, 240_000, ["0"]), span("Rest", 240_000, 300_000), span("Work", 300_000, 600_000, ["1"])],
} as unknown as Schemas["Timeline"];

const ledger = (piece: string, units: number | null) => ({
  pieces: [piece],
  for: [0],
  units,
  tasks: [{ name: "sit-up" }],
  tables: [{ rows: [{ label: null, cells: [{ task: 0, amount: units, total: units }] }] }],
});

const explanation = {
  pieces: [{ key: "0" }, { key: "1" }],
  ledgers: [ledger("0", 100), ledger("1", null)],
} as unknown as Explanation;

describe("the clock in words", () => {
  it("finds the span of any time, and the last one at the end and after it", () => {
    expect(spanAt(timeline, 0)).toBe(timeline.spans[0]);
    expect(spanAt(timeline, 239_999)).toBe(timeline.spans[0]);
    expect(spanAt(timeline, 240_000)).toBe(timeline.spans[1]);
    expect(spanAt(timeline, 600_000)).toBe(timeline.spans[2]);
    expect(spanAt(timeline, 999_000)).toBe(timeline.spans[2]);
  });

  it("looks the place up where a pace can be said, and says the rest where none can", () => {
    expect(sayAt(explanation, timeline, 120_000, 0)).toBe("at an even pace: sit-up 50 of 100; 50 of 100 done, 2:00 left");
    expect(sayAt(explanation, timeline, 270_000, 0)).toBe("rest, the next window opens in 0:30");
    expect(sayAt(explanation, timeline, 400_000, 0)).toBe("3:20 left of this window");
    expect(sayAt(explanation, timeline, 120_000, 7)).toBe("2:00 left of this window");
    expect(sayAt(explanation, { ...timeline, spans: [] }, 0, 0)).toBe("");
  });

  it("writes at most eight round times, from the start, in order, and none under the label of the end", () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 8 * 3_600_000 }), (ends) => {
        const ticks = ticksOf(ends);
        expect(ticks[0] ?? 0).toBe(0);
        expect(ticks.length).toBeLessThanOrEqual(8);
        for (const [i, tick] of ticks.entries()) {
          expect(tick % 15_000).toBe(0);
          if (i > 0) expect(tick).toBeGreaterThan(ticks[i - 1]!);
          expect(ends - tick).toBeGreaterThan(ends * 0.13);
        }
      }),
    ));
});

describe("the state of the lane", () => {
  const at = (who: string, does: string, where: string | null = "0") => ({ who, does, where });
  const rota = {
    ends: 180_000,
    forks: [],
    spans: [
      {
        ...span("Work", 0, 60_000, ["0", "1"]),
        where: [at("1st", "Row"), at("2nd", "rests", null), at("3rd", "Row")],
        judges: 1,
        watched: [],
      },
      {
        ...span("Work", 60_000, 120_000, ["0", "1"]),
        silent: true,
        where: [at("1st", "Mat")],
        judges: 2,
        watched: [
          { post: null, hold: false, piece: "0", station: "Row" },
          { post: 2, hold: true, piece: "1", station: null },
        ],
      },
      { ...span("Change", 120_000, 150_000), watched: [], judges: 0 },
      { ...span("Work", 150_000, 180_000, ["0"]), where: [at("1st", "Row")], judges: 1, watched: [] },
    ],
  } as unknown as Schemas["Timeline"];

  it("says who is where, what is left, and what comes then", () => {
    expect(sayAt(explanation, rota, 20_000, 0)).toBe("1st and 3rd: Row, 2nd: rests; 0:40 left, then all move on without a call");
    expect(sayAt(explanation, rota, 100_000, 0)).toBe("1st: Mat; 0:20 left, then change 0:30");
    expect(sayAt(explanation, rota, 160_000, 0)).toBe("1st: Row; 0:20 left, then the end");
  });

  it("says how far the gate is at an even pace", () => {
    const gates = { ...timeline, forks: [{ at: 120_000, until: 180_000, piece: "0", units: 60 }] } as unknown as Schemas["Timeline"];
    expect(sayAt(explanation, gates, 96_000, 0)).toContain("40 of 100 done, 2:24 left; 20 to the gate at 2:00");
    expect(sayAt(explanation, { ...gates, forks: [{ ...gates.forks[0]!, units: 30 }] }, 96_000, 0)).toContain(
      "; past the gate, on until 3:00",
    );
    expect(sayAt(explanation, gates, 150_000, 0)).not.toContain("gate");
  });

  it("says how many judges the moment needs, and nothing where one is enough", () => {
    expect(judgesAt(rota, 0)).toBe("");
    expect(judgesAt(rota, 60_000)).toBe("Now the lane needs 2 judges: Row, the hold (post 2).");
    expect(judgesAt(rota, 130_000)).toBe("");
  });
});
