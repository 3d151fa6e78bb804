import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { answered, lineAt, sliced, spliced, tied } from "./words";

describe("answered", () => {
  it("replaces what the server names and nothing else", () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.string({ maxLength: 12 }).filter((s) => !s.includes("\n")),
          { minLength: 1, maxLength: 6 },
        ),
        fc.nat(),
        fc.nat(),
        fc.nat(),
        fc.string({ maxLength: 5 }),
        (lines, l, c, n, insert) => {
          fc.pre(!insert.includes("\n"));
          const at = l % lines.length;
          const line = lines[at] ?? "";
          const column = c % (line.length + 1);
          const length = n % (line.length - column + 1);
          const after = answered(lines.join("\n"), { line: at + 1, column: column + 1, length, text: insert }).split("\n");
          expect(after.length).toBe(lines.length);
          after.forEach((a, i) => expect(a).toBe(i === at ? line.slice(0, column) + insert + line.slice(column + length) : lines[i]));
        },
      ),
    ));

  it("leaves a text alone in which the place is not", () => expect(answered("a", { line: 3, column: 1, length: 0, text: "x" })).toBe("a"));
});

describe("tied", () => {
  it("knows where each line comes from, and which is implied", () =>
    expect(
      tied({
        draft: "T\n  for A\n\n9:00 for time\n",
        lines: [
          { from: 1, to: 1, how: "first" },
          { from: 4, to: 4, how: "cap" },
        ],
        open: [],
        remarks: [],
        unread: [],
      }).map((l) => [l.text, l.from]),
    ).toEqual([
      ["T", 1],
      ["  for A", 0],
      ["", 0],
      ["9:00 for time", 4],
    ]));
});

it("counts lines from 1", () => {
  expect(lineAt("", 0)).toBe(1);
  expect(lineAt("a\nb\nc", 2)).toBe(2);
  expect(lineAt("a\nb\nc", 4)).toBe(3);
});

it("takes one workout of a text, and puts other words in its place", () => {
  const part = { title: "Event 2", from: 3, to: 4 };
  expect(sliced("a\nb\nc\nd\ne", part)).toBe("c\nd");
  expect(spliced("a\nb\nc\nd\ne", part, "X")).toBe("a\nb\nX\ne");
});
