import type { EditorState } from "@codemirror/state";

/** The offset of a line and column, both from 1; the nearest one when the text is shorter by now. */
export const clamp = (state: EditorState, line: number, column: number) => {
  const l = state.doc.line(Math.min(Math.max(line, 1), state.doc.lines));
  return Math.min(l.from + Math.max(column - 1, 0), l.to);
};
