import { EditorView } from "@codemirror/view";

/** The look of the text, in the colours of the sheet. */
export const theme = EditorView.theme({
  "&": { fontFamily: "var(--font-mono)", fontSize: "13.5px", backgroundColor: "transparent", color: "var(--color-ink)" },
  ".cm-scroller": { fontFamily: "var(--font-mono)", lineHeight: "1.43" },
  ".cm-content": { padding: "6px 0", caretColor: "var(--color-spruce)", lineHeight: "1.43" },
  ".cm-gutters": { backgroundColor: "transparent", border: "0", color: "var(--color-quiet)" },
  ".cm-lineNumbers .cm-gutterElement": { minWidth: "20px", padding: "0 6px 0 0" },
  "&.cm-focused": { outline: "none" },
  "&.cm-focused .cm-cursor": { borderLeftColor: "var(--color-spruce)", borderLeftWidth: "2px" },
  "&.cm-focused .cm-selectionBackground, .cm-selectionBackground, ::selection": { backgroundColor: "var(--color-wash) !important" },
  ".cm-Title": { fontWeight: "700" },
  ".cm-Movement": { fontWeight: "700" },
  ".cm-Number": { color: "var(--color-spruce)", fontWeight: "700" },
  ".cm-Name": { fontWeight: "600" },
  ".cm-Remark": { color: "var(--color-quiet)", fontStyle: "italic" },
  ".cm-read": { boxShadow: "inset 3px 0 0 var(--color-spruce)", backgroundColor: "var(--color-wash)" },
  ".cm-lintRange-error": { backgroundImage: "none", borderBottom: "2px solid var(--color-brick)" },
  ".cm-lintRange-warning": { backgroundImage: "none", borderBottom: "2px solid var(--color-ochre)" },
  ".cm-lintRange-info": { backgroundImage: "none", borderBottom: "1px dotted var(--color-quiet)" },
  ".cm-tooltip": {
    backgroundColor: "var(--color-sheet)",
    color: "var(--color-ink)",
    border: "1px solid var(--color-ink)",
    fontFamily: "var(--font-text)",
  },
  ".cm-tooltip-autocomplete ul li[aria-selected]": { backgroundColor: "var(--color-wash)", color: "var(--color-ink)" },
  ".cm-inWords": { padding: "4px 8px", maxWidth: "48ch" },
  ".cm-completionDetail": { color: "var(--color-soft)", fontStyle: "normal", marginLeft: "1em" },
  ".cm-diagnostic": { borderLeft: "4px solid var(--color-brick)", padding: "4px 8px", maxWidth: "40ch" },
  ".cm-diagnosticAction": { backgroundColor: "var(--color-spruce)", color: "var(--color-paper)" },
});
