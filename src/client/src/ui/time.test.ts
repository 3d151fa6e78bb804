import { describe, expect, it } from "vitest";
import { clock, readClock } from "./time";

describe("times", () => {
  it("are shown as a clock shows them", () => {
    expect(clock(0)).toBe("0:00");
    expect(clock(540_000)).toBe("9:00");
    expect(clock(3_723_000)).toBe("1:02:03");
  });
  it("are read, and nothing else is", () => {
    expect(readClock("8:32")).toBe(512_000);
    expect(readClock(" 1:02:03 ")).toBe(3_723_000);
    expect(readClock("7:41.3")).toBe(461_300);
    for (const text of ["", "8", "8:60", "8:5", "1:60:00", "-1:00", "8:00x"]) expect(readClock(text)).toBeNull();
  });
});
