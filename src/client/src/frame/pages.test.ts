import { describe, expect, it } from "vitest";
import { samePage, stepOf, titleOf } from "./pages";

const workouts = [{ id: "w1", title: "Ferry Bell" }];

describe("the name of a tab", () => {
  it("says the workout and the page", () => {
    expect(titleOf("/c/c1/scoring/w1", "Games", workouts)).toBe("Ferry Bell, scoring · Games · Fair Compass");
    expect(titleOf("/c/c1/w/w1", "Games", workouts)).toBe("Ferry Bell, draft · Games · Fair Compass");
    expect(titleOf("/c/c1/briefs/w1/judge", "Games", workouts)).toBe("Ferry Bell, briefs · Games · Fair Compass");
  });
  it("says the page where there is no workout, or none that is known", () => {
    expect(titleOf("/c/c1", "Games", workouts)).toBe("Competition · Games · Fair Compass");
    expect(titleOf("/c/c1/dry-run/w2", "Games", workouts)).toBe("Dry run · Games · Fair Compass");
    expect(titleOf("/c/c1/standards/pull-up", "Games", workouts)).toBe("Standards · Games · Fair Compass");
  });
});

it("leads from one workout to the same page of another", () => {
  expect(samePage("/c/c1/scoring/w1", "c1", "w2")).toBe("/c/c1/scoring/w2");
  expect(samePage("/c/c1/briefs/w1/judge", "c1", "w2")).toBe("/c/c1/briefs/w2/judge");
  expect(samePage("/c/c1/talk/w1/athlete", "c1", "w2")).toBe("/c/c1/talk/w2/athlete");
  expect(samePage("/c/c1/standards/pull-up/more", "c1", "w2")).toBe("/c/c1/w/w2");
  expect(samePage("/c/c1/checks", "c1", "w2")).toBe("/c/c1/w/w2");
  expect(samePage("/c/c1", "c1", "w2")).toBe("/c/c1/w/w2");
});

it("keeps the workout from step to step", () => {
  expect(stepOf("/c/c1/w/w1", "c1", "briefs")).toBe("/c/c1/briefs/w1");
  expect(stepOf("/c/c1/talk/w1/judge", "c1", "scoring")).toBe("/c/c1/scoring/w1");
  expect(stepOf("/c/c1/scoring/w1", "c1", "standards")).toBe("/c/c1/standards");
  expect(stepOf("/c/c1/standards/pull-up", "c1", "publish")).toBe("/c/c1/publish");
  expect(stepOf("/c/c1/workouts", "c1", "")).toBe("/c/c1/");
});
