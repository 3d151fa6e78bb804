import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applied, moved, offsets } from "./edits";

const text = fc.string({ unit: fc.constantFrom("a", "b", "\n", " ", "é"), maxLength: 40 });

describe("edits and the text they are for", () => {
  it("are applied as they are to the text they were made for", () => {
    expect(applied("abcd", moved([{ from: 1, to: 2, insert: "X" }], "abcd", "abcd")!)).toBe("aXcd");
  });

  /** Typing somewhere else and an edit lead to the same text in either order; typing at the edit's own place is refused. */
  it("commute with what was typed elsewhere, or are refused", () => {
    fc.assert(
      fc.property(text, fc.nat(), fc.nat(), fc.nat(), fc.nat(), text, text, (base, a, b, c, d, insert, typed) => {
        const place = (x: number, y: number) => [x % (base.length + 1), y % (base.length + 1)].sort((m, n) => m - n) as [number, number];
        const [from, to] = place(a, b);
        const [at, until] = place(c, d);
        const now = base.slice(0, at) + typed + base.slice(until);
        const edits = moved([{ from, to, insert }], base, now);
        if (edits === null) return;
        const edited = applied(now, edits);
        // The words that the edit replaces are still the same words.
        expect(now.slice(edits[0]!.from, edits[0]!.to)).toBe(base.slice(from, to));
        expect(edited.length).toBe(now.length - (to - from) + insert.length);
        if (to < at) expect(edited).toBe(base.slice(0, from) + insert + base.slice(to, at) + typed + base.slice(until));
        if (from > until) expect(edited).toBe(base.slice(0, at) + typed + base.slice(until, from) + insert + base.slice(to));
      }),
    );
  });

  it("are refused where something was typed", () => {
    expect(moved([{ from: 4, to: 6, insert: "" }], "abc def", "abc d12ef")).toBeNull();
    expect(moved([{ from: 4, to: 4, insert: "x" }], "abc def", "abc 1def")).toBeNull();
    expect(moved([{ from: 0, to: 1, insert: "" }], "abc", "")).toBeNull();
  });

  it("find the place of a change of a line", () => {
    expect(offsets("abc\ndef", { line: 2, column: 2, length: 1, text: "X" })).toEqual({ from: 5, to: 6, insert: "X" });
    expect(offsets("abc\ndef", { line: 1, column: 4, length: 0, text: "!" })).toEqual({ from: 3, to: 3, insert: "!" });
    expect(offsets("abc\ndef", { line: 1, column: 4, length: 1, text: "!" })).toBeNull();
    expect(offsets("abc", { line: 2, column: 1, length: 0, text: "!" })).toBeNull();
    expect(offsets("abc", { line: 1, column: 0, length: 0, text: "!" })).toBeNull();
  });
});
