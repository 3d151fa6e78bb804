import { diff } from "@codemirror/merge";

/** A piece of a text that is replaced; offsets count UTF-16 units, as on the server. */
export interface Edit {
  from: number;
  to: number;
  insert: string;
}

/** A change of one line, as findings carry it; line and column count from 1. */
export interface LineEdit {
  line: number;
  column: number;
  length: number;
  text: string;
}

/** The offsets of a change of one line; null when the text has no such place. */
export function offsets(text: string, edit: LineEdit): Edit | null {
  const lines = text.split("\n");
  const line = lines[edit.line - 1];
  if (line === undefined || edit.column < 1 || edit.column - 1 + edit.length > line.length) return null;
  const from = lines.slice(0, edit.line - 1).reduce((sum, l) => sum + l.length + 1, 0) + edit.column - 1;
  return { from, to: from + edit.length, insert: edit.text };
}

/**
 * Edits that were worked out for one text, for the text that stands there now: moved along with what was typed in other
 * lines, null when anything was typed in a line they belong to or at its edge. They are never applied to words they were
 * not made for.
 */
export function moved(edits: readonly Edit[], madeFor: string, now: string): Edit[] | null {
  const changes = diff(madeFor, now, { scanLimit: 500 });
  const out: Edit[] = [];
  for (const e of edits) {
    const start = madeFor.lastIndexOf("\n", e.from - 1) + 1;
    const newline = madeFor.indexOf("\n", e.to);
    const end = newline < 0 ? madeFor.length : newline;
    if (changes.some((c) => c.fromA <= end && c.toA >= start)) return null;
    const before = changes.filter((c) => c.toA < start).at(-1);
    const shift = before ? before.toB - before.toA : 0;
    out.push({ ...e, from: e.from + shift, to: e.to + shift });
  }
  return out;
}

/** The text after edits of it, in order and not overlapping. */
export const applied = (text: string, edits: readonly Edit[]): string =>
  [...edits].reverse().reduce((t, e) => t.slice(0, e.from) + e.insert + t.slice(e.to), text);
