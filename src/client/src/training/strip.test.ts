import { describe, expect, it } from "vitest";
import { framesFrom, gridOf, objectionTo, placeOf, stillsOf } from "./strip";

const limits = { rate: 12, fewest: 6, most: 60, side: 2400 };

describe("a film as pictures in one", () => {
  it.each([
    [1080, 1920, 60],
    [1920, 1080, 60],
    [640, 480, 37],
    [320, 240, 6],
    [4000, 300, 17],
  ])("%i × %i pixels and %i pictures stand on one page, apart, and as they are shaped", (width, height, frames) => {
    const grid = gridOf(width, height, frames, limits);
    const places = Array.from({ length: frames }, (_, i) => placeOf(grid, i));
    expect(new Set(places.map((p) => `${p.x} ${p.y}`)).size).toBe(frames);
    for (const p of places) {
      expect(p.x + grid.wide).toBeLessThanOrEqual(limits.side);
      expect(p.y + grid.high).toBeLessThanOrEqual(limits.side);
    }
    expect(Math.abs(grid.wide / width - grid.high / height)).toBeLessThan(0.01);
    expect(grid.wide).toBeLessThanOrEqual(width);
  });

  it("takes no more than there is, and five seconds at most", () => {
    expect(framesFrom(20, 3, limits)).toBe(60);
    expect(framesFrom(4, 3, limits)).toBe(12);
    expect(framesFrom(4, 3.9, limits)).toBe(1);
  });

  it("says why a film is none", () => {
    expect(objectionTo(3, limits)).toBeNull();
    expect(objectionTo(3600, limits)).toContain("lasts 1:00:00");
    expect(objectionTo(125, limits)).toContain("lasts 2:05.");
    expect(objectionTo(0.2, limits)).toContain("shorter than 0.5 s");
    expect(objectionTo(NaN, limits)).toContain("cannot show");
    expect(objectionTo(Infinity, limits)).toContain("cannot show");
  });

  it("shows eight stills from the first to the last", () => {
    expect(stillsOf(60)).toHaveLength(8);
    expect([stillsOf(60)[0], stillsOf(60)[7]]).toEqual([0, 59]);
    expect(stillsOf(6).every((n) => n >= 0 && n < 6)).toBe(true);
  });
});
