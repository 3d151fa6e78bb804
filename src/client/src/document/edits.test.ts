import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applied, moved, offsets } from "./edits";

/** A text whose lines all differ, so that each place in it can only be itself. */
const lines = fc.array(fc.string({ unit: fc.constantFrom("a", "b", " ", "é"), maxLength: 6 }), { minLength: 1, maxLength: 9 });
const distinct = (words: string[]) => words.map((w, i) => String.fromCharCode(65 + i) + w);
const word = fc.string({ unit: fc.constantFrom("x", "y"), minLength: 1, maxLength: 9 });
const typing = fc.string({ unit: fc.constantFrom("x", "y", "\n"), minLength: 1, maxLength: 9 });

describe("edits and the text they are for", () => {
  it("are applied as they are to the text they were made for", () => {
    expect(applied("abcd", moved([{ from: 1, to: 2, insert: "X" }], "abcd", "abcd")!)).toBe("aXcd");
  });

  /** What is typed in other lines, at several places, and an edit lead to the same text in either order. */
  it("commute with what was typed in other lines", () => {
    fc.assert(
      fc.property(lines, fc.array(fc.option(word), { maxLength: 9 }), fc.nat(), (words, typed, nth) => {
        const base = distinct(words);
        const own = nth % base.length;
        // A line is typed into in its middle, so that its edges stay as they were.
        const now = base.map((l, i) => (i !== own && typed[i] ? l[0]! + typed[i] + l.slice(1) + "!" : l));
        const at = base.slice(0, own).reduce((sum, l) => sum + l.length + 1, 0);
        const edits = moved([{ from: at, to: at + base[own]!.length, insert: "*" }], base.join("\n"), now.join("\n"));
        expect(edits).not.toBeNull();
        expect(applied(now.join("\n"), edits!)).toBe(now.map((l, i) => (i === own ? "*" : l)).join("\n"));
      }),
    );
  });

  it("are refused when their own line was typed into", () => {
    fc.assert(
      fc.property(lines, typing, fc.nat(), fc.nat(), (words, typed, nth, place) => {
        const base = distinct(words);
        const own = nth % base.length;
        const at = base.slice(0, own).reduce((sum, l) => sum + l.length + 1, 0);
        const into = at + (place % (base[own]!.length + 1));
        const text = base.join("\n");
        const now = text.slice(0, into) + typed + text.slice(into);
        const edits = moved([{ from: at, to: at + 1, insert: "*" }], text, now);
        // A whole line put above or below leaves the edit's own line as it was: then that line is changed and no other.
        if (edits === null) return;
        const after = edits.reduceRight((t, e) => t.slice(0, e.from) + e.insert + t.slice(e.to), now).split("\n");
        const before = now.split("\n");
        const changed = after.flatMap((line, i) => (line === before[i] ? [] : [i]));
        expect(after.length).toBe(before.length);
        expect(changed.map((i) => before[i])).toEqual([base[own]]);
        expect(changed.map((i) => after[i])).toEqual(["*" + base[own]!.slice(1)]);
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
