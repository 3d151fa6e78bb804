import type { Schemas } from "../api/client";

export type Reading = Schemas["NaturalReading"];
type Edit = Schemas["TextEdit"];

/** The text after an answer: the server says what is replaced, counted from 1. */
export function answered(text: string, edit: Edit): string {
  const lines = text.split("\n");
  const line = lines[edit.line - 1];
  if (line === undefined) return text;
  lines[edit.line - 1] = line.slice(0, edit.column - 1) + edit.text + line.slice(edit.column - 1 + edit.length);
  return lines.join("\n");
}

/** The lines of a draft, each with the line of the text that it comes from; 0 where the form implies it. */
export function tied(reading: Reading): { text: string; from: number; how: string }[] {
  const origin = new Map(reading.lines.map((l) => [l.to, l]));
  return reading.draft
    .replace(/\n$/, "")
    .split("\n")
    .map((text, i) => ({ text, from: origin.get(i + 1)?.from ?? 0, how: origin.get(i + 1)?.how ?? "" }));
}

/** The line in which a place of a text stands, from 1. */
export const lineAt = (text: string, place: number): number => text.slice(0, place).split("\n").length;

/** The lines of one workout of a text. */
export const sliced = (text: string, part: Schemas["TextPart"]): string =>
  text
    .split("\n")
    .slice(part.from - 1, part.to)
    .join("\n");

/** The text with other words in place of one of its workouts. */
export function spliced(text: string, part: Schemas["TextPart"], words: string): string {
  const lines = text.split("\n");
  return [...lines.slice(0, part.from - 1), ...words.split("\n"), ...lines.slice(part.to)].join("\n");
}
