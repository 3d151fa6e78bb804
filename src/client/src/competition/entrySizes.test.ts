import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { places } from "./entrySizes";

const division = (kind: Schemas["DivisionKind"], seats: string[] = []): Schemas["Division"] => ({
  name: "Crew",
  kind,
  duties: ["man", "woman"],
  inheritsFrom: null,
  seats,
});

describe("the places of a team", () => {
  it("take turns as long as nobody says otherwise", () => {
    expect(places(division("TeamOf5"))).toEqual(["man", "woman", "man", "woman", "man"]);
    expect(places(division("Individual"))).toEqual(["man"]);
  });

  it("are those that were declared", () => {
    expect(places(division("TeamOf3", ["woman", "woman", "man"]))).toEqual(["woman", "woman", "man"]);
  });
});
