import { describe, expect, it } from "vitest";
import { proofIn } from "./proof";

describe("the proof of the session", () => {
  it("is read among other cookies, with and without the prefix", () => {
    expect(proofIn("a=b; fair-compass-proof=x_Y-9; fair-compass-device=no")).toBe("x_Y-9");
    expect(proofIn("__Host-fair-compass-proof=abc")).toBe("abc");
  });
  it("is none where nobody is signed in, or another cookie only ends so", () => {
    expect(proofIn("")).toBeNull();
    expect(proofIn("not-fair-compass-proof=abc; x=fair-compass-proof=1")).toBeNull();
  });
});
