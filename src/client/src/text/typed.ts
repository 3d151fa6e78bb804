import { isolateHistory } from "@codemirror/commands";
import { StateEffect, StateField, type EditorState, type Text, type Transaction } from "@codemirror/state";
import { Decoration, EditorView, ViewPlugin, type DecorationSet, type ViewUpdate } from "@codemirror/view";
import { moved, type Edit } from "../document/edits";

/** What lines that were left are read as: edits of the text as it was then. */
export type AskToRead = (body: string, from: number, to: number) => Promise<readonly Edit[]>;

/** How long a line that was read stays marked, in milliseconds. */
const marked = 4000;

const mark = StateEffect.define<readonly number[]>();

const marks = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(value, tr) {
    for (const effect of tr.effects)
      if (effect.is(mark)) return Decoration.set(effect.value.map((at) => Decoration.line({ class: "cm-read" }).range(at)));
    return value.map(tr.changes);
  },
  provide: (f) => EditorView.decorations.from(f),
});

const byHand = (tr: Transaction) =>
  tr.docChanged &&
  (tr.isUserEvent("input") || tr.isUserEvent("delete")) &&
  !tr.isUserEvent("input.read") &&
  !tr.isUserEvent("input.command");

/** The lines that a transaction changed, by where they begin. */
function touched(tr: Transaction): number[] {
  const at: number[] = [];
  tr.changes.iterChangedRanges((_a, _b, from, to) => {
    for (let line = tr.newDoc.lineAt(from); ; line = tr.newDoc.line(line.number + 1)) {
      at.push(line.from);
      if (line.to >= to || line.number === tr.newDoc.lines) break;
    }
  });
  return at;
}

/** The first run of neighbouring lines among those that were typed into, without the one in which the cursor stands. */
export function toRead(doc: Text, places: readonly number[], cursor: number | null): { from: number; to: number } | null {
  const lines = [...new Set(places.map((p) => doc.lineAt(Math.min(p, doc.length)).number))].sort((a, b) => a - b);
  const left = lines.filter((n) => n !== cursor && doc.line(n).text.trim() !== "");
  if (left.length === 0) return null;
  let to = left[0]!;
  for (const n of left) if (n === to + 1) to = n;
  return { from: left[0]!, to };
}

/** Edits of an older text for the one that stands now; a mere indent is left out where somebody typed since, anything else hinders all. */
export function current(edits: readonly Edit[], body: string, now: string): Edit[] | null {
  const out: Edit[] = [];
  for (const edit of edits) {
    const made = moved([edit], body, now);
    if (made) out.push(...made);
    else if ((edit.insert + body.slice(edit.from, edit.to)).trim() !== "") return null;
  }
  return out;
}

/**
 * Lines are read when the cursor leaves them. What comes of it is one step of undo; words that were brought back by undo
 * stay as they are; then the page is told that nothing is read.
 */
export const readTyped = (ask: AskToRead, onRead: (words: string) => void) => [
  marks,
  ViewPlugin.fromClass(
    class {
      private places: readonly number[] = [];
      /** Where the lines stand that are being read. */
      private asked: readonly number[] = [];
      private busy = false;
      private gone = false;
      private timer = 0;
      private readonly readings = new Set<string>();
      private readonly kept = new Set<string>();

      constructor(private readonly view: EditorView) {}

      update(u: ViewUpdate) {
        for (const tr of u.transactions) {
          this.places = this.places.map((p) => tr.changes.mapPos(p, -1));
          this.asked = this.asked.map((p) => tr.changes.mapPos(p, -1));
          if (tr.isUserEvent("undo")) this.bringBack(tr.state);
          if (byHand(tr)) this.places = [...this.places, ...touched(tr)];
        }
        if (u.docChanged || u.selectionSet || u.focusChanged) this.later();
      }

      destroy() {
        this.gone = true;
        window.clearTimeout(this.timer);
      }

      private bringBack(state: EditorState) {
        for (let n = 1; n <= state.doc.lines; n++) {
          const words = state.doc.line(n).text.trim();
          if (!this.readings.delete(words)) continue;
          this.kept.add(words);
          window.setTimeout(() => onRead(""), 0);
        }
      }

      private later() {
        if (this.busy || this.places.length === 0) return;
        this.busy = true;
        // Not within the update that it follows.
        window.setTimeout(() => {
          void this.read().finally(() => {
            this.busy = false;
          });
        }, 0);
      }

      private async read(): Promise<void> {
        for (;;) {
          if (this.gone) return;
          const { doc, selection } = this.view.state;
          this.places = this.places.filter((p) => !this.kept.has(doc.lineAt(Math.min(p, doc.length)).text.trim()));
          const range = toRead(doc, this.places, this.view.hasFocus ? doc.lineAt(selection.main.head).number : null);
          if (!range) return;
          const [from, to] = [doc.line(range.from), doc.line(range.to)];
          this.asked = this.places.filter((p) => p >= from.from && p <= to.to);
          this.places = this.places.filter((p) => p < from.from || p > to.to);
          const words = doc.sliceString(from.from, to.to);
          const body = doc.toString();
          try {
            // What was worked out for words that are others by now is worked out anew.
            if (!this.put(await ask(body, range.from, range.to), body, words)) this.places = [...this.places, ...this.asked];
          } catch {
            // A server that does not answer reads nothing, and the page says so. The line is asked for again with the next change.
            this.places = [...this.places, ...this.asked];
            return;
          }
        }
      }

      /** Makes the edits; false where the text is another by now. */
      private put(edits: readonly Edit[], body: string, words: string): boolean {
        if (this.gone) return true;
        const held = current(edits, body, this.view.state.doc.toString());
        if (!held) return false;
        const { main } = this.view.state.selection;
        const says = (e: Edit) => (e.insert + this.view.state.sliceDoc(e.from, e.to)).trim() !== "";
        // Only the line that is about to be typed is indented; an empty one between two parts stays empty.
        const blank = (e: Edit) => this.view.state.doc.lineAt(e.from).text.trim() === "";
        const made = held.filter((e) => says(e) || !blank(e) || (main.head >= e.from && main.head <= e.to));
        if (made.length === 0) return true;
        const changes = this.view.state.changes(made);
        const said = made.some(says);
        this.view.dispatch({
          changes,
          selection: { anchor: changes.mapPos(main.anchor, 1), head: changes.mapPos(main.head, 1) },
          userEvent: "input.read",
          annotations: isolateHistory.of("full"),
        });
        if (!said) return true;
        for (const line of words.split("\n")) this.readings.add(line.trim());
        const { doc } = this.view.state;
        const lines: number[] = [];
        changes.iterChangedRanges((_a, _b, from, to) => {
          for (let n = doc.lineAt(from).number; n <= doc.lineAt(to).number; n++) if (doc.line(n).text.trim()) lines.push(doc.line(n).from);
        });
        this.view.dispatch({ effects: mark.of([...new Set(lines)]) });
        window.clearTimeout(this.timer);
        this.timer = window.setTimeout(() => this.view.dispatch({ effects: mark.of([]) }), marked);
        onRead(words.trim());
        return true;
      }
    },
  ),
];
