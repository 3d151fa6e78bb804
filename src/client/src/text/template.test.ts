// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import { EditorView } from "@codemirror/view";
import { nextSnippetField, snippet } from "@codemirror/autocomplete";
import { template } from "./template";

describe("a text with places", () => {
  it("is the text, with the first place selected and the next one after it", () => {
    const text = "Mine\n\n9:00 for time\n  21 burpee {x}\n";
    const places = [
      { from: 6, to: 10 },
      { from: 22, to: 24 },
    ];
    const view = new EditorView({ doc: "Mine" });
    snippet(template(text, places))(view, null, 0, view.state.doc.length);
    expect(view.state.doc.toString()).toBe(text);
    const selected = () => view.state.sliceDoc(view.state.selection.main.from, view.state.selection.main.to);
    expect(selected()).toBe("9:00");
    nextSnippetField(view);
    expect(selected()).toBe("21");
    view.destroy();
  });
});
