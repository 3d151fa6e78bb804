import { describe, expect, it } from "vitest";
import { ownPath } from "./session";

describe("where the sign-in leads on to", () => {
  it("is a path of this application", () => {
    expect(ownPath("/c/1/w/2?line=3#x")).toBe("/c/1/w/2?line=3#x");
    expect(ownPath("/")).toBe("/");
  });

  it("is the start for anything that could lead elsewhere", () => {
    for (const to of [
      null,
      "",
      "//evil.example",
      "/\\evil.example",
      "/\t/evil.example",
      "https://evil.example",
      "javascript:alert(1)",
      "evil",
    ])
      expect(ownPath(to)).toBe("/");
  });
});
