import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { after, fresh, lengthOf, pointsAt, stillAt, type At, type Event } from "./sitting";

const truth: Schemas["TruthShown"] = { right: true, sentence: { english: "Good." }, pictures: [], at: 0 };

const event: fc.Arbitrary<Event> = fc.oneof(
  fc.record({
    does: fc.constant("call" as const),
    call: fc.constantFrom("Good" as const, "NoRep" as const, "Unseen" as const),
    milliseconds: fc.nat(5000),
  }),
  fc.record({ does: fc.constant("reason" as const), reason: fc.option(fc.constantFrom("depth", "stand")) }),
  fc.record({ does: fc.constant("late" as const), milliseconds: fc.nat(9000) }),
  fc.record({ does: fc.constant("taken" as const), truth: fc.option(fc.constant(truth)) }),
);

describe("a rep of a sitting", () => {
  // The model: the first press that means anything is the call, with its time; nothing later changes it.
  it("is called once, by the first press and at its time, whatever is pressed", () => {
    fc.assert(
      fc.property(fc.array(event, { maxLength: 12 }), (events) => {
        let at: At = fresh;
        let first: Event | undefined;
        for (const e of events) {
          const before = at;
          at = after(at, e);
          if (before.is === "watched" && (e.does === "call" || e.does === "late")) first ??= e;
          if (before.is === "sent" && at.is === "sent") expect(at).toBe(before);
        }
        if (!first) {
          expect(at).toBe(fresh);
          return;
        }
        if (at.is !== "sent" && at.is !== "told") return;
        const time = first.does === "call" || first.does === "late" ? first.milliseconds : -1;
        expect(at.said.milliseconds).toBe(time);
        expect(at.said.call).toBe(first.does === "late" ? "Unseen" : first.does === "call" ? first.call : "");
        if (at.said.call !== "NoRep") expect(at.said.reason).toBeNull();
      }),
    );
  });
});

describe("a film", () => {
  const film = {
    framesPerSecond: 30,
    frames: [
      [0, 0],
      [30, 60],
      [30, 0],
    ],
  } as unknown as Schemas["Film"];
  it("goes straight between two pictures and stands at both ends", () => {
    expect(lengthOf(film)).toBeCloseTo(66.67, 1);
    expect(pointsAt(film, -5)).toEqual([0, 0]);
    expect(pointsAt(film, 1000 / 60)[1]).toBeCloseTo(30);
    expect(pointsAt(film, 1000)).toEqual([30, 0]);
  });
  it("shows each still as long as the others, and the last one on", () => {
    expect([0, 699, 700, 1400, 9999].map((t) => stillAt([0, 20, 44], t))).toEqual([0, 0, 20, 44, 44]);
    expect(stillAt([], 5)).toBe(0);
  });
});
