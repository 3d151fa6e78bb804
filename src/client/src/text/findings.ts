import type { Diagnostic } from "@codemirror/lint";
import type { EditorState } from "@codemirror/state";
import type { Explanation } from "../api/client";
import { clamp } from "./places";

/** Findings as underlines; they move with the text until the answer to the next change. */
export const diagnose = (state: EditorState, explanation: Explanation): Diagnostic[] =>
  explanation.findings.map((f) => {
    const from = clamp(state, f.at.line, f.at.column);
    return {
      from,
      to: Math.max(clamp(state, f.at.line, f.at.column + f.at.length), from),
      severity: f.severity === "MustFix" ? "error" : f.severity === "ShouldFix" ? "warning" : "info",
      message: `${f.sentence} ${f.why}`,
    };
  });
