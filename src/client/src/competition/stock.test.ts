import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readStock, writeStock } from "./stock";

const stocks = fc
  .uniqueArray(
    fc.record({
      mass: fc.integer({ min: 1, max: 6600 }).map((n) => n / 10),
      count: fc.option(fc.integer({ min: 1, max: 100 })),
    }),
    { selector: (s) => s.mass },
  )
  .map((all) => all.sort((a, b) => a.mass - b.mass));

describe("the implements of a lane as they are typed", () => {
  it("are read as they were written", () => {
    fc.assert(
      fc.property(stocks, (all) => {
        expect(readStock(writeStock(all))).toEqual(all);
      }),
    );
  });

  it.each([
    [
      "24 16",
      [
        { mass: 16, count: null },
        { mass: 24, count: null },
      ],
    ],
    ["2x24", [{ mass: 24, count: 2 }]],
    [
      "2 × 22.5; 30",
      [
        { mass: 22.5, count: 2 },
        { mass: 30, count: null },
      ],
    ],
    ["24 24", [{ mass: 24, count: 2 }]],
    ["2 x 24 24", [{ mass: 24, count: 3 }]],
    ["", []],
  ])("%s", (text, stock) => expect(readStock(text)).toEqual(stock));

  it.each([
    ["16 2x", "2x"],
    ["7,5", "7,5"],
    ["-3", "-3"],
    ["2 x x 3", "x"],
  ])("%s is not understood", (text, word) => expect(readStock(text)).toBe(word));
});
