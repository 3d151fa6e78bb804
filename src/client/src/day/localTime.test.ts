import { expect, test } from "vitest";
import { dayOf, dayWords, fromField, hour, minutes, toField } from "./localTime";
import { byId, entryName, groupsOf } from "./names";
import type { Schemas } from "../api/client";

test("a local time is shown as it is said, whatever zone the browser is in", () => {
  expect(hour("2027-06-12T09:05:00")).toBe("09:05");
  expect(dayOf("2027-06-12T09:05:00")).toBe("2027-06-12");
  expect(dayWords("2027-06-12")).toBe("Saturday 12 June");
  expect(fromField(toField("2027-06-12T23:59:00"))).toBe("2027-06-12T23:59:00");
});

test("seconds are written as minutes", () => {
  expect([0, 59, 60, 150, 3600].map(minutes)).toEqual(["0:00", "0:59", "1:00", "2:30", "60:00"]);
});

const entry = (id: string, division: string, ...members: [string, "man" | "woman"][]): Schemas["Entry"] => ({
  id,
  division,
  team: members.length > 1 ? "Kelp Gig" : "",
  bib: "1",
  seed: null,
  state: "In",
  members: members.map(([name, duty], i) => ({ id: `${id}-${i}`, name, gym: "Kelp", duty, byBib: false })),
});

test("an entry is called by its team, else by who stands in it, and one that is gone is said to be", () => {
  const una = entry("1", "Tideline", ["Una Eddy", "woman"]);
  const pair = entry("2", "Ferry Pairs", ["Hal Oake", "man"], ["Wren Oake", "woman"]);
  expect([una, pair, undefined].map(entryName)).toEqual(["Una Eddy", "Kelp Gig", "somebody who is gone"]);
  expect(groupsOf([una, pair, una, undefined])).toEqual(["Tideline women", "Ferry Pairs"]);
  const who = byId([{ entry: una, revision: 1 }], []);
  expect([who.entry("1")?.bib, who.entry("x"), who.judge(null), who.judge("x")]).toEqual(["1", undefined, "", "gone"]);
});
