import type { CompletionContext, CompletionResult } from "@codemirror/autocomplete";
import { words } from "./notationWords";

/** What could stand at the cursor: movements after an amount, names at the beginning of a line, phrases elsewhere. */
export function completing(latest: () => { movements: string[]; names: string[] }) {
  return (context: CompletionContext): CompletionResult | null => {
    const before = context.matchBefore(/[\p{L}\d][\p{L}\d' -]*/u);
    if (!before && !context.explicit) return null;
    const line = context.state.doc.lineAt(context.pos).text.slice(0, context.pos - context.state.doc.lineAt(context.pos).from);
    const movement = /^\s*(?:[\d./-]+|max|heaviest(?: set of \d+)?)(?: cal| m| ft)? +([\p{L}' -]*)$/u.exec(line);
    const after = /: +([\p{L}' -]*)$/u.exec(line);
    const { movements, names } = latest();
    if (movement || (after && /^\s/.test(line))) {
      const typed = (movement ?? after)![1] ?? "";
      return {
        from: context.pos - typed.length,
        options: movements.map((m) => ({ label: m, type: "text" })),
        validFor: /^[\p{L}' -]*$/u,
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
        ...words.filter((w) => (atStart ? w.start : !w.start)).map((w) => ({ label: w.text, type: "keyword", detail: w.help })),
      ],
      validFor: /^[\p{L}\d'/+: -]*$/u,
    };
  };
}
