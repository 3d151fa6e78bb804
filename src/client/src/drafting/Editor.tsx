import { autocompletion, type CompletionContext } from "@codemirror/autocomplete";
import { defaultKeymap, history, historyKeymap, indentLess, indentMore } from "@codemirror/commands";
import { nextDiagnostic, setDiagnostics, type Diagnostic } from "@codemirror/lint";
import { EditorState, RangeSetBuilder, StateEffect, StateField } from "@codemirror/state";
import { Decoration, EditorView, keymap, lineNumbers, ViewPlugin, type DecorationSet } from "@codemirror/view";
import { useEffect, useImperativeHandle, useRef, type Ref } from "react";
import type { Explanation } from "../api/client";
import type { Edit } from "../document/edits";
import { nonce } from "../ui/nonce";
import { words } from "./notationWords";

/** What the page may ask of the editor. */
export interface EditorHandle {
  /** Makes edits of the text as it stands, in order, as one step of undo. */
  apply: (edits: readonly Edit[]) => void;
  replace: (text: string) => void;
  goto: (line: number, column: number) => void;
  focus: () => void;
}

const setTokens = StateEffect.define<DecorationSet>();

/** Colours come from the server's reading of the text; they move with the text until the next answer. */
const tokens = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(value, tr) {
    for (const effect of tr.effects) if (effect.is(setTokens)) return effect.value;
    return value.map(tr.changes);
  },
  provide: (f) => EditorView.decorations.from(f),
});

/** A long line goes on under its own beginning, two characters further in. */
const hanging = ViewPlugin.define(
  (view) => ({
    view,
    decorations: hang(view),
    update(u) {
      if (u.docChanged || u.viewportChanged) this.decorations = hang(u.view);
    },
  }),
  { decorations: (v) => v.decorations },
);

function hang(view: EditorView): DecorationSet {
  const builder = new RangeSetBuilder<Decoration>();
  for (const { from, to } of view.visibleRanges) {
    for (let at = from; at <= to;) {
      const line = view.state.doc.lineAt(at);
      const indent = /^ */.exec(line.text)![0].length + 4;
      builder.add(
        line.from,
        line.from,
        Decoration.line({ attributes: { style: `padding-left: calc(${indent}ch + 4px); text-indent: -${indent}ch` } }),
      );
      at = line.to + 1;
    }
  }
  return builder.finish();
}

const theme = EditorView.theme({
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
  ".cm-diagnostic": { borderLeft: "4px solid var(--color-brick)", padding: "4px 8px", maxWidth: "40ch" },
  ".cm-diagnosticAction": { backgroundColor: "var(--color-spruce)", color: "var(--color-paper)" },
});

const clamp = (state: EditorState, line: number, column: number) => {
  const l = state.doc.line(Math.min(Math.max(line, 1), state.doc.lines));
  return Math.min(l.from + Math.max(column - 1, 0), l.to);
};

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

/** Findings as underlines; they move with the text until the answer to the next change. */
const diagnose = (state: EditorState, explanation: Explanation): Diagnostic[] =>
  explanation.findings.map((f) => {
    const from = clamp(state, f.at.line, f.at.column);
    return {
      from,
      to: Math.max(clamp(state, f.at.line, f.at.column + f.at.length), from),
      severity: f.severity === "MustFix" ? "error" : f.severity === "ShouldFix" ? "warning" : "info",
      message: `${f.sentence} ${f.why}`,
    };
  });

/** The text editor, a chunk of its own over the text that is already readable. */
export default function Editor({
  handle,
  initial,
  onChange,
  onLine,
  onMend,
  latest,
}: {
  handle: Ref<EditorHandle>;
  initial: string;
  onChange: (text: string) => void;
  onLine: (line: number) => void;
  onMend: (line: number) => void;
  latest: { explanation: Explanation | null; explained: string; names: string[]; movements: string[] };
}) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const props = useRef({ onChange, onLine, onMend, latest });
  useEffect(() => {
    props.current = { onChange, onLine, onMend, latest };
  });

  useEffect(() => {
    const complete = (context: CompletionContext) => {
      const before = context.matchBefore(/[\p{L}\d][\p{L}\d' -]*/u);
      if (!before && !context.explicit) return null;
      const line = context.state.doc.lineAt(context.pos).text.slice(0, context.pos - context.state.doc.lineAt(context.pos).from);
      const movement = /^\s*(?:[\d./-]+|max|heaviest(?: set of \d+)?)(?: cal| m| ft)? +([\p{L}' -]*)$/u.exec(line);
      const after = /: +([\p{L}' -]*)$/u.exec(line);
      const { movements, names } = props.current.latest;
      if (movement || (after && /^\s/.test(line))) {
        const typed = (movement ?? after)![1] ?? "";
        return {
          from: context.pos - typed.length,
          options: movements.map((m) => ({ label: m, type: "text" })),
          validFor: /^[\p{L}' -]*$/u,
        };
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
    const editor = new EditorView({
      parent: host.current!,
      state: EditorState.create({
        doc: initial,
        extensions: [
          lineNumbers(),
          history(),
          tokens,
          hanging,
          theme,
          EditorView.lineWrapping,
          EditorView.cspNonce.of(nonce()),
          // As everything that is sent, so that places in the text are the same on both sides.
          EditorView.clipboardInputFilter.of((text) => text.normalize("NFC")),
          EditorView.contentAttributes.of({ "aria-label": "Draft text", spellcheck: "false", autocapitalize: "off" }),
          autocompletion({ override: [complete], activateOnTypingDelay: 150, icons: false }),
          keymap.of([
            { key: "Mod-]", run: indentMore },
            { key: "Mod-[", run: indentLess },
            { key: "F8", run: nextDiagnostic },
            {
              key: "Alt-m",
              run: (v) => {
                props.current.onMend(v.state.doc.lineAt(v.state.selection.main.head).number);
                return true;
              },
            },
            {
              key: "Enter",
              run: (v) => {
                const l = v.state.doc.lineAt(v.state.selection.main.head);
                const indent = /^ */.exec(l.text)![0];
                v.dispatch(v.state.replaceSelection("\n" + indent), { userEvent: "input", scrollIntoView: true });
                return true;
              },
            },
            ...defaultKeymap.filter((k) => k.key !== "Tab" && k.key !== "Enter"),
            ...historyKeymap,
          ]),
          EditorView.updateListener.of((u) => {
            if (u.docChanged) props.current.onChange(u.state.doc.toString());
            if (u.selectionSet || u.docChanged) props.current.onLine(u.state.doc.lineAt(u.state.selection.main.head).number);
          }),
        ],
      }),
    });
    view.current = editor;
    return () => editor.destroy();
    // The editor is made once; what changes reaches it through props.current and the handle.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  useEffect(() => {
    const v = view.current;
    if (v && latest.explanation && latest.explained === v.state.doc.toString()) {
      v.dispatch({ effects: setTokens.of(decorate(v.state, latest.explanation)) });
      v.dispatch(setDiagnostics(v.state, diagnose(v.state, latest.explanation)));
    }
  }, [latest.explanation, latest.explained]);

  useImperativeHandle(
    handle,
    () => ({
      apply: (edits) => {
        const v = view.current;
        if (!v || edits.length === 0) return;
        v.dispatch({
          changes: edits.map((e) => ({ from: e.from, to: e.to, insert: e.insert })),
          selection: { anchor: edits[0]!.from },
          scrollIntoView: true,
          userEvent: "input.command",
        });
      },
      replace: (text) => {
        const v = view.current;
        if (v && v.state.doc.toString() !== text) v.dispatch({ changes: { from: 0, to: v.state.doc.length, insert: text } });
      },
      goto: (line, column) => {
        const v = view.current;
        if (!v) return;
        v.dispatch({
          selection: { anchor: clamp(v.state, line, column) },
          effects: EditorView.scrollIntoView(clamp(v.state, line, column), { y: "center" }),
        });
        v.focus();
      },
      focus: () => view.current?.focus(),
    }),
    [],
  );

  return <div ref={host} className="min-h-40" />;
}
