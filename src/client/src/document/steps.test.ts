import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { Steps } from "./steps";

describe("undo and redo", () => {
  it("agrees with a list of states and a place in it", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.nat({ max: 9 }).map((n) => ({ set: n })),
            fc.constantFrom("undo" as const, "redo" as const),
          ),
        ),
        (acts) => {
          const steps = new Steps<number>(() => 0);
          const states = [-1];
          let at = 0;
          let value = -1;
          let field = 0;
          for (const act of acts) {
            if (act === "undo") {
              const before = steps.undo(value);
              expect(before).toBe(at > 0 ? states[at - 1]! : null);
              if (before !== null) value = states[--at]!;
            } else if (act === "redo") {
              const next = steps.redo(value);
              expect(next).toBe(at < states.length - 1 ? states[at + 1]! : null);
              if (next !== null) value = states[++at]!;
            } else {
              // Each change is in another field, so each is a step.
              steps.before(value, `${field++}`);
              value = act.set;
              states.splice(at + 1, Infinity, value);
              at++;
            }
            expect([steps.canUndo, steps.canRedo]).toEqual([at > 0, at < states.length - 1]);
          }
        },
      ),
    );
  });

  it("takes typing in one field for one step, until it pauses or is undone", () => {
    let now = 0;
    const steps = new Steps<string>(() => now);
    steps.before("", "name");
    now = 1000;
    steps.before("a", "name");
    now = 2000;
    steps.before("ab", "name");
    expect(steps.undo("abc")).toBe("");
    expect(steps.redo("")).toBe("abc");
    steps.before("abc", "name");
    now = 9000;
    steps.before("abcd", "name");
    steps.before("abcde", "place");
    expect([steps.undo("x"), steps.undo("x"), steps.undo("x")]).toEqual(["abcde", "abcd", "abc"]);
  });

  it("keeps a hundred steps", () => {
    const steps = new Steps<number>(() => 0);
    for (let i = 0; i < 150; i++) steps.before(i, `${i}`);
    let undone = 0;
    while (steps.undo(0) !== null) undone++;
    expect(undone).toBe(100);
  });
});
