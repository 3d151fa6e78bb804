import { expect, it } from "vitest";
import { days } from "./days";

it("says one day, days of a month, and days of two", () => {
  expect(days("2027-06-12", "2027-06-12")).toBe("12 June");
  expect(days("2027-06-12", "2027-06-13")).toBe("12 to 13 June");
  expect(days("2027-06-30", "2027-07-01")).toBe("30 June to 1 July");
});
