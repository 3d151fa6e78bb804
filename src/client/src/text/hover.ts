import { hoverTooltip } from "@codemirror/view";
import type { Explanation } from "../api/client";

/** What the line under the pointer means, as a sentence of the server; nothing while the text has changed since. */
export const sayingLine = (latest: () => { explanation: Explanation | null; explained: string }) =>
  hoverTooltip(
    (view, pos) => {
      const { explanation, explained } = latest();
      if (!explanation || explained !== view.state.doc.toString()) return null;
      const line = view.state.doc.lineAt(pos);
      const said =
        explanation.inWords?.find((l) => l.line === line.number)?.sentence ??
        explanation.scores
          .find((s) => s.line === line.number)
          ?.sentences.slice(0, 1)
          .join(" ");
      // A line that is said as it is written needs no second time.
      if (!said || said === line.text.trim()) return null;
      return {
        pos: line.from,
        end: line.to,
        above: true,
        create: () => {
          const dom = document.createElement("div");
          dom.className = "cm-inWords";
          dom.textContent = said;
          return { dom };
        },
      };
    },
    { hoverTime: 500 },
  );
