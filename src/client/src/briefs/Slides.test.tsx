// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import fc from "fast-check";
import { keyTo } from "./Slides";

describe("keys of the slides", () => {
  it.each([
    ["ArrowRight", 1, 2],
    [" ", 4, 5],
    ["PageUp", 3, 2],
    ["ArrowLeft", 1, 1],
    ["ArrowDown", 9, 9],
    ["Home", 7, 1],
    ["End", 2, 9],
    ["Escape", 5, null],
    ["x", 5, undefined],
  ])("%s at %i leads to %s", (key, at, to) => {
    expect(keyTo(key, at, 9)).toBe(to);
  });

  it("never leaves the parts", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.array(fc.constantFrom("ArrowRight", "ArrowLeft", "Home", "End", "PageDown")),
        (of, keys) => {
          const at = keys.reduce((now, key) => keyTo(key, now, of)!, 1);
          expect(at).toBeGreaterThanOrEqual(1);
          expect(at).toBeLessThanOrEqual(of);
        },
      ),
    );
  });
});
