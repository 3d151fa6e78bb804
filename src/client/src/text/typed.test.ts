// @vitest-environment happy-dom
import { history, undo } from "@codemirror/commands";
import { EditorState, Text } from "@codemirror/state";
import { EditorView } from "@codemirror/view";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Edit } from "../document/edits";
import { isSheet } from "./pasted";
import { current, readTyped, toRead } from "./typed";

describe("lines that are read", () => {
  it("are the first neighbours that were typed into and left, and never the one that is typed", () => {
    const doc = Text.of(["Title", "", "AMRAP 9", "10 burpees", "", "ties shared"]);
    const at = (n: number) => doc.line(n).from;
    expect(toRead(doc, [], 1)).toBeNull();
    expect(toRead(doc, [at(3)], 3)).toBeNull();
    expect(toRead(doc, [at(4), at(3), at(3)], 5)).toEqual({ from: 3, to: 4 });
    expect(toRead(doc, [at(3), at(4), at(6)], 4)).toEqual({ from: 3, to: 3 });
    expect(toRead(doc, [at(2), at(5)], null)).toBeNull();
    expect(toRead(doc, [999], null)).toEqual({ from: 6, to: 6 });
  });

  it("are made of an older text only where nobody typed since; an indent may be left out", () => {
    const body = "T\n\nAMRAP 9\n";
    const edits: Edit[] = [
      { from: 3, to: 10, insert: "9:00 for reps" },
      { from: 11, to: 11, insert: "  " },
    ];
    expect(current(edits, body, body)).toEqual(edits);
    expect(current(edits, body, body + "1")).toEqual([edits[0]]);
    expect(current(edits, body, "T\n\nAMRAP 90\n")).toBeNull();
  });
});

/** A server that reads every line of small letters as capitals, in its own time. */
function page(lines: string[], answers: () => Promise<void> = () => Promise.resolve()) {
  const asked: string[] = [];
  const read: string[] = [];
  const view = new EditorView({
    parent: document.body,
    state: EditorState.create({
      doc: lines.join("\n"),
      extensions: [
        history(),
        readTyped(
          async (body, from, to) => {
            const doc = Text.of(body.split("\n"));
            const [a, b] = [doc.line(from).from, doc.line(to).to];
            const words = body.slice(a, b);
            asked.push(words);
            await answers();
            return words === words.toUpperCase() ? [] : [{ from: a, to: b, insert: words.toUpperCase() }];
          },
          (words) => read.push(words),
        ),
      ],
    }),
  });
  const type = (text: string, at = view.state.selection.main.head) =>
    view.dispatch({ changes: { from: at, insert: text }, selection: { anchor: at + text.length }, userEvent: "input.type" });
  const settled = () => new Promise((r) => setTimeout(r, 25));
  return { view, asked, read, type, settled, text: () => view.state.doc.toString() };
}

describe("the editor", () => {
  it("reads a line when it is left, marks it, and gives the words back by one undo, for good", async () => {
    const p = page(["Title", ""]);
    // The page does not have the focus here, so that every line is left.
    p.type("ab\n", 6);
    await p.settled();
    expect(p.text()).toBe("Title\nAB\n");
    expect(p.read).toEqual(["ab"]);
    expect(p.view.dom.querySelectorAll(".cm-read").length).toBe(1);
    undo(p.view);
    expect(p.text()).toBe("Title\nab\n");
    p.type("x", 9);
    p.view.dispatch({ selection: { anchor: 0 } });
    await p.settled();
    expect(p.text()).toBe("Title\nab\nX");
    expect(p.read.at(-1)).toBe("x");
    p.view.destroy();
  });

  it("asks again with the next change for what a silent server did not read", async () => {
    let silent = true;
    const p = page(["Title", ""], () => (silent ? Promise.reject(new Error("away")) : Promise.resolve()));
    p.type("ab\n", 6);
    await p.settled();
    expect(p.text()).toBe("Title\nab\n");
    silent = false;
    p.type("c", 9);
    await p.settled();
    expect(p.text()).toBe("Title\nAB\nC");
    p.view.destroy();
  });

  it("leaves lines alone that commands or others wrote", async () => {
    const p = page(["Title", ""]);
    p.view.dispatch({ changes: { from: 6, insert: "ab\n" }, userEvent: "input.command" });
    p.view.dispatch({ changes: { from: 6, insert: "cd\n" } });
    await p.settled();
    expect(p.asked).toEqual([]);
    p.view.destroy();
  });

  /** Whatever is typed while the server thinks: nothing typed is lost, and no line is another than it was read as. */
  it("never loses a letter that is typed while it reads", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(), fc.constantFrom("a", "b\n", "\n", "c")), { minLength: 1, maxLength: 12 }),
        async (strokes) => {
          const p = page(["T", "", ""], () => new Promise((r) => setTimeout(r, 2)));
          let typed = "";
          for (const [at, text] of strokes) {
            p.type(text, at % (p.view.state.doc.length + 1));
            typed += text;
            if (at % 3 === 0) await new Promise((r) => setTimeout(r, 1));
          }
          await new Promise((r) => setTimeout(r, 40));
          const letters = (s: string) => [...s.toLowerCase()].sort().join("");
          expect(letters(p.text())).toBe(letters("T\n\n" + typed));
          p.view.destroy();
        },
      ),
      { numRuns: 25 },
    );
  });
});

it("takes a text of several lines for a sheet only where nothing stands yet", () => {
  expect(isSheet("AMRAP 9\n10 burpees", "New workout\n")).toBe(true);
  expect(isSheet("AMRAP 9\n10 burpees", "")).toBe(true);
  expect(isSheet("AMRAP 9\n\n", "New workout\n")).toBe(false);
  expect(isSheet("AMRAP 9\n10 burpees", "Dawn\n\n9:00 for time")).toBe(false);
});
