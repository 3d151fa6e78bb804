import { expect, test } from "vitest";
import { readerPapers } from "./readerPapers";

test("who has nothing but a code reads the athlete's brief, and may read the judge's", () => {
  expect(readerPapers([])).toEqual({ own: "athlete", offered: ["athlete", "judge"] });
  expect(readerPapers(["Reader"])).toEqual({ own: "athlete", offered: ["athlete", "judge"] });
});

test("the paper of who runs the floor opens first for them", () => {
  expect(readerPapers(["Judge"]).own).toBe("judge");
  expect(readerPapers(["Caller"])).toEqual({ own: "caller", offered: ["athlete", "judge", "caller"] });
  expect(readerPapers(["Crew"])).toEqual({ own: "crew", offered: ["athlete", "judge", "crew"] });
});

test("who is several things chooses, and nothing is offered twice", () => {
  expect(readerPapers(["Organiser", "HeadJudge", "Caller"])).toEqual({ own: "athlete", offered: ["athlete", "judge", "caller", "crew"] });
});
