import { RangeSetBuilder } from "@codemirror/state";
import { Decoration, ViewPlugin, type DecorationSet, type EditorView } from "@codemirror/view";

/** A long line goes on under its own beginning, two characters further in. */
export const hanging = ViewPlugin.define(
  (view) => ({
    view,
    decorations: hang(view),
    update(u) {
      if (u.docChanged || u.viewportChanged) this.decorations = hang(u.view);
    },
  }),
  { decorations: (v) => v.decorations },
);

function hang(view: EditorView): DecorationSet {
  const builder = new RangeSetBuilder<Decoration>();
  for (const { from, to } of view.visibleRanges) {
    for (let at = from; at <= to;) {
      const line = view.state.doc.lineAt(at);
      const indent = /^ */.exec(line.text)![0].length + 4;
      builder.add(
        line.from,
        line.from,
        Decoration.line({ attributes: { style: `padding-left: calc(${indent}ch + 4px); text-indent: -${indent}ch` } }),
      );
      at = line.to + 1;
    }
  }
  return builder.finish();
}
