import type { Completion, CompletionContext, CompletionResult } from "@codemirror/autocomplete";
import type { Schemas } from "../api/client";
import { words } from "./notationWords";

/** A movement under a word of the trade for it: found by that word, written as the book calls it. */
const named = ({ word, movement, with: thing }: Schemas["TradeWord"]): Completion => ({
  label: word,
  displayLabel: movement,
  apply: movement,
  type: "text",
  detail: [word.toLowerCase() === movement.toLowerCase() ? "" : word, thing].filter(Boolean).join(" · "),
  // The name itself stands before the words for it.
  boost: word.toLowerCase() === movement.toLowerCase() ? 1 : 0,
});

/** What could stand at the cursor: movements after an amount, names at the beginning of a line, phrases elsewhere. */
export function completing(latest: () => { movements: readonly Schemas["TradeWord"][]; names: string[] }) {
  return (context: CompletionContext): CompletionResult | null => {
    const before = context.matchBefore(/[\p{L}\d][\p{L}\d' -]*/u);
    if (!before && !context.explicit) return null;
    const line = context.state.doc.lineAt(context.pos).text.slice(0, context.pos - context.state.doc.lineAt(context.pos).from);
    const movement = /^\s*(?:[\d./-]+|max|heaviest(?: set of \d+)?)(?: cal| m| ft)? +([\p{L}][\p{L}\d' -]*|)$/u.exec(line);
    const after = /: +([\p{L}][\p{L}\d' -]*|)$/u.exec(line);
    const { movements, names } = latest();
    if (movement || (after && /^\s/.test(line))) {
      const typed = (movement ?? after)![1] ?? "";
      return {
        from: context.pos - typed.length,
        options: movements.map(named),
        validFor: /^[\p{L}\d' -]*$/u,
      };
    }
    const listed = /^\s+for +(?:[^:]*, *)?([\p{L}\d'+ -]*)$/u.exec(line);
    if (listed) {
      const typed = listed[1] ?? "";
      return { from: context.pos - typed.length, options: names.map((n) => ({ label: n, type: "text" })), validFor: /^[\p{L}\d'+ -]*$/u };
    }
    const typed = /[\p{L}][\p{L}\d'/+: -]*$/u.exec(line)?.[0] ?? "";
    const atStart = line.trim() === typed.trim();
    return {
      from: context.pos - typed.length,
      options: [
        ...names.map((n) => ({ label: atStart && /^\s/.test(line) ? n + ": " : n, type: "text" })),
        ...words
          .filter((w) => (atStart ? w.start : !w.start))
          .map((w) => ({ label: w.text, type: "keyword", detail: w.example ? `${w.help}: ${w.example}` : w.help })),
      ],
      validFor: /^[\p{L}\d'/+: -]*$/u,
    };
  };
}
