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
 * Edits that were worked out for one text, for the text that stands there now: moved along with what was typed before them,
 * null when something was typed where they belong. They are never applied to a text they were not made for.
 */
export function moved(edits: readonly Edit[], madeFor: string, now: string): Edit[] | null {
  if (madeFor === now) return [...edits];
  const shortest = Math.min(madeFor.length, now.length);
  let head = 0;
  while (head < shortest && madeFor[head] === now[head]) head++;
  let tail = 0;
  while (tail < shortest - head && madeFor[madeFor.length - 1 - tail] === now[now.length - 1 - tail]) tail++;
  const changedTo = madeFor.length - tail;
  const shift = now.length - madeFor.length;
  const out: Edit[] = [];
  for (const e of edits) {
    // Something typed right at the edge may belong to the edit's own words, so only a clear distance is safe.
    if (e.to < head) out.push(e);
    else if (e.from > changedTo) out.push({ ...e, from: e.from + shift, to: e.to + shift });
    else return null;
  }
  return out;
}

/** The text after edits of it, in order and not overlapping. */
export const applied = (text: string, edits: readonly Edit[]): string =>
  [...edits].reverse().reduce((t, e) => t.slice(0, e.from) + e.insert + t.slice(e.to), text);
