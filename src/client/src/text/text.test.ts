// @vitest-environment happy-dom
import { words } from "./notationWords";
import { CompletionContext } from "@codemirror/autocomplete";
import { EditorState } from "@codemirror/state";
import { EditorView } from "@codemirror/view";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Explanation } from "../api/client";
import { completing } from "./completion";
import { diagnose } from "./findings";
import { draftKeys } from "./keys";
import { clamp } from "./places";
import { colour, tokens } from "./tokens";

const complete = (text: string, explicit = false) => {
  const context = new CompletionContext(EditorState.create({ doc: text }), text.length, explicit);
  return completing(() => ({
    movements: [
      { word: "abs", movement: "sit-up", with: "" },
      { word: "power clean", movement: "power clean", with: "barbell" },
    ],
    names: ["Meadow", "woman"],
  }))(context);
};

const labels = (text: string, explicit = false) => complete(text, explicit)?.options.map((o) => o.displayLabel ?? o.label) ?? [];

describe("what could stand here", () => {
  it("is a movement after an amount, and after what an option is for", () => {
    for (const line of ["  10 s", "  15/11 cal p", "  max po", "  heaviest set of 2 p", "    Meadow: p"])
      expect(labels(line)).toEqual(["sit-up", "power clean"]);
  });

  it("is a name with its colon at the beginning of a line under another, and a phrase elsewhere", () => {
    expect(labels("    M")).toContain("Meadow: ");
    expect(labels("    M")).not.toContain("Meadow");
    expect(labels("  for M")).toEqual(["Meadow", "woman"]);
    expect(complete("  for Tideline, Me")!.from).toBe("  for Tideline, ".length);
    expect(labels("s")).toContain("score: reps");
  });

  it("waits until something is typed, or asked for", () => {
    expect(complete("  ")).toBeNull();
    expect(labels("  ", true).length).toBeGreaterThan(10);
  });

  it("replaces exactly what was typed of it", () => {
    expect(complete("  10 power cl")!.from).toBe("  10 ".length);
    expect(complete("  un")!.from).toBe("  ".length);
  });
});

const text = "Bell\n\n9:00 for time\n  30 sit-up\n";

const explanation = {
  tokens: [
    { line: 1, column: 1, length: 4, kind: "Title" },
    { line: 4, column: 3, length: 2, kind: "Number" },
    // The answer to an older text: a line that is not there any more, and a word longer than its line.
    { line: 4, column: 6, length: 99, kind: "Movement" },
    { line: 9, column: 1, length: 5, kind: "Name" },
  ],
  findings: [
    { at: { line: 4, column: 6, length: 6 }, severity: "MustFix", sentence: "No load.", why: "Lanes would differ." },
    { at: { line: 99, column: 1, length: 6 }, severity: "Note", sentence: "Gone.", why: "Why." },
  ],
} as unknown as Explanation;

describe("the server’s reading on the text", () => {
  it("never points outside of the text, however old it is", () =>
    fc.assert(
      fc.property(fc.string(), fc.integer(), fc.integer(), (doc, line, column) => {
        const at = clamp(EditorState.create({ doc }), line, column);
        expect(at).toBeGreaterThanOrEqual(0);
        expect(at).toBeLessThanOrEqual(doc.length);
      }),
    ));

  it("colours what it named, moves with typing, and leaves out what does not fit", () => {
    let state = EditorState.create({ doc: text, extensions: [tokens] });
    state = state.update({ effects: colour(state, explanation) }).state;
    state = state.update({ changes: { from: 0, insert: "// mine\n" } }).state;
    const found: string[] = [];
    state.field(tokens).between(0, state.doc.length, (from, to, value) => {
      found.push(`${state.sliceDoc(from, to)} ${value.spec.class}`);
    });
    expect(found).toEqual(["Bell cm-Title", "30 cm-Number", "sit-up cm-Movement"]);
  });

  it("underlines findings with their reason", () => {
    const state = EditorState.create({ doc: text });
    const [first, second] = diagnose(state, explanation);
    expect(state.sliceDoc(first!.from, first!.to)).toBe("sit-up");
    expect(first).toMatchObject({ severity: "error", message: "No load. Lanes would differ." });
    expect(second).toMatchObject({ severity: "info", from: text.length });
  });
});

describe("the keys of the text", () => {
  const press = (view: EditorView, key: string, modifiers: KeyboardEventInit = {}) =>
    view.contentDOM.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true, ...modifiers }));

  it("keep the depth of a line, ask for its mend, and leave Tab to the page", () => {
    const mended: number[] = [];
    const view = new EditorView({
      parent: document.body,
      state: EditorState.create({
        doc: "Bell\n    10 sit-up",
        selection: { anchor: 18 },
        extensions: [draftKeys((line) => mended.push(line))],
      }),
    });
    press(view, "Enter");
    expect(view.state.doc.toString()).toBe("Bell\n    10 sit-up\n    ");
    press(view, "m", { altKey: true });
    expect(mended).toEqual([3]);
    // True: nobody has taken the key, so the page moves the focus.
    expect(press(view, "Tab")).toBe(true);
    view.destroy();
  });
});

it("shows a whole line for every word that goes on", () => {
  for (const w of words.filter((w) => w.text.endsWith(" "))) {
    expect(w.example, w.text).toBeDefined();
    expect(w.example!.startsWith(w.text), w.text).toBe(true);
    expect(w.example!.length).toBeGreaterThan(w.text.length);
  }
});
