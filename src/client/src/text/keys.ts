import { acceptCompletion } from "@codemirror/autocomplete";
import { defaultKeymap, historyKeymap, indentLess, indentMore } from "@codemirror/commands";
import { nextDiagnostic } from "@codemirror/lint";
import { keymap } from "@codemirror/view";

/** The keys of the text. Tab takes what is offered, else it leaves the text (WCAG 2.1.2), so indenting has keys of its own; Enter keeps the
 * depth of the line. */
export function draftKeys(onMend: (line: number) => void) {
  return keymap.of([
    { key: "Tab", run: acceptCompletion },
    { key: "Mod-]", run: indentMore },
    { key: "Mod-[", run: indentLess },
    { key: "F8", run: nextDiagnostic },
    {
      key: "Alt-m",
      run: (v) => {
        onMend(v.state.doc.lineAt(v.state.selection.main.head).number);
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
  ]);
}
