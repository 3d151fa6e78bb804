import { autocompletion, snippet } from "@codemirror/autocomplete";
import { history, isolateHistory } from "@codemirror/commands";
import { setDiagnostics } from "@codemirror/lint";
import { EditorState } from "@codemirror/state";
import { EditorView, lineNumbers } from "@codemirror/view";
import { useEffect, useImperativeHandle, useRef, type Ref } from "react";
import type { Explanation, Schemas } from "../api/client";
import type { Edit } from "../document/edits";
import { completing } from "../text/completion";
import { diagnose } from "../text/findings";
import { sayingLine } from "../text/hover";
import { hanging } from "../text/hanging";
import { draftKeys } from "../text/keys";
import { clamp } from "../text/places";
import { template } from "../text/template";
import { theme } from "../text/theme";
import { colour, tokens } from "../text/tokens";
import { isSheet } from "../text/pasted";
import { readTyped, type AskToRead } from "../text/typed";
import { nonce } from "../ui/nonce";

/** What the page may ask of the editor. */
export interface EditorHandle {
  /** Makes edits of the text as it stands, in order, as one step of undo. */
  apply: (edits: readonly Edit[]) => void;
  replace: (text: string) => void;
  goto: (line: number, column: number) => void;
  focus: () => void;
  /** Puts a whole text in place of the draft, as one step of undo, and goes through its places by Tab. */
  begin: (text: string, places: readonly { from?: number; to?: number }[]) => void;
}

/** The text editor, a chunk of its own over the text that is already readable. */
export default function Editor({
  handle,
  initial,
  at,
  onChange,
  onLine,
  onMend,
  onAsk,
  onRead,
  onSheet,
  read,
  latest,
}: {
  handle: Ref<EditorHandle>;
  initial: string;
  /** The line to begin at, counted from 1; null where nobody asked for one. */
  at: number | null;
  onChange: (text: string) => void;
  onLine: (line: number) => void;
  onMend: (line: number) => void;
  /** Asks what lines that were left are read as. */
  onAsk: AskToRead;
  /** Some words were read, and stand in the notation now. */
  onRead: (words: string) => void;
  /** A whole sheet was pasted into a draft in which nothing stands yet. */
  onSheet: (text: string) => void;
  /** A text that was read elsewhere, and its draft: the draft stands there, and undo brings the words back. */
  read: { words: string; draft: string } | null;
  latest: { explanation: Explanation | null; explained: string; names: string[]; movements: readonly Schemas["TradeWord"][] };
}) {
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const props = useRef({ onChange, onLine, onMend, onAsk, onRead, onSheet, latest });
  useEffect(() => {
    props.current = { onChange, onLine, onMend, onAsk, onRead, onSheet, latest };
  });

  useEffect(() => {
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
          autocompletion({
            override: [completing(() => props.current.latest)],
            activateOnTypingDelay: 150,
            icons: false,
            maxRenderedOptions: 40,
          }),
          sayingLine(() => props.current.latest),
          draftKeys((line) => props.current.onMend(line)),
          readTyped(
            (body, from, to) => props.current.onAsk(body, from, to),
            (words) => props.current.onRead(words),
          ),
          EditorView.domEventHandlers({
            paste: (event, v) => {
              const text = event.clipboardData?.getData("text/plain").normalize("NFC") ?? "";
              if (!isSheet(text, v.state.doc.toString())) return false;
              props.current.onSheet(text);
              return true;
            },
          }),
          EditorView.updateListener.of((u) => {
            if (u.docChanged) props.current.onChange(u.state.doc.toString());
            if (u.selectionSet || u.docChanged) props.current.onLine(u.state.doc.lineAt(u.state.selection.main.head).number);
          }),
        ],
      }),
    });
    view.current = editor;
    if (read) {
      const full = isolateHistory.of("full");
      for (const insert of [read.words, read.draft])
        editor.dispatch({ changes: { from: 0, to: editor.state.doc.length, insert }, annotations: full });
    }
    if (at !== null) {
      const place = clamp(editor.state, at, 1);
      editor.dispatch({ selection: { anchor: place }, effects: EditorView.scrollIntoView(place, { y: "center" }) });
      editor.focus();
    }
    return () => editor.destroy();
    // The editor is made once; what changes reaches it through props.current and the handle.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  useEffect(() => {
    const v = view.current;
    if (v && latest.explanation && latest.explained === v.state.doc.toString()) {
      v.dispatch({ effects: colour(v.state, latest.explanation) });
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
      begin: (text, places) => {
        const v = view.current;
        if (!v) return;
        snippet(template(text, places))(v, null, 0, v.state.doc.length);
        v.focus();
      },
    }),
    [],
  );

  return <div ref={host} className="min-h-40" />;
}
