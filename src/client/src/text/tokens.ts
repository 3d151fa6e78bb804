import { RangeSetBuilder, StateEffect, StateField, type EditorState } from "@codemirror/state";
import { Decoration, EditorView, type DecorationSet } from "@codemirror/view";
import type { Explanation } from "../api/client";
import { clamp } from "./places";

const setTokens = StateEffect.define<DecorationSet>();

/** Colours come from the server's reading of the text; they move with the text until the next answer. */
export const tokens = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(value, tr) {
    for (const effect of tr.effects) if (effect.is(setTokens)) return effect.value;
    return value.map(tr.changes);
  },
  provide: (f) => EditorView.decorations.from(f),
});

const decorate = (state: EditorState, explanation: Explanation) => {
  const builder = new RangeSetBuilder<Decoration>();
  let last = -1;
  for (const t of explanation.tokens) {
    const from = clamp(state, t.line, t.column);
    const to = clamp(state, t.line, t.column + t.length);
    if (to > from && from >= last) {
      builder.add(from, to, Decoration.mark({ class: `cm-${t.kind}` }));
      last = from;
    }
  }
  return builder.finish();
};

/** Colours the text as the server reads it. */
export const colour = (state: EditorState, explanation: Explanation) => setTokens.of(decorate(state, explanation));
