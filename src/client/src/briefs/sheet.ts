import { useEffect } from "react";
import type { Brief } from "../api/client";
import { nonce } from "../ui/nonce";

/** What a paper is printed on. */
export const sheets = {
  A4: { size: "A4", name: "A4" },
  Letter: { size: "letter", name: "Letter" },
  A5: { size: "A5", name: "A5" },
} as const;
export type Sheet = keyof typeof sheets;

/** Only cards are handed out on A5; everything else of a pack stays on the larger sheet. */
export const sheetOf = (brief: Brief, wanted: Sheet, cards: Sheet): Sheet =>
  brief.audience === "LaneCard" ? cards : wanted === "A5" ? "A4" : wanted;

/** Whatever could end the string or the rule is written as a code point. */
const quoted = (text: string) => text.replace(/[^\p{L}\p{N} ·,.:-]/gu, (c) => `\\${c.codePointAt(0)!.toString(16)} `);

/** Title, version, and fingerprint on every printed page, each paper on its own sheet: page margins can only be filled by a style rule. */
export function usePageRules(pages: { name: string; sheet: Sheet; foot: string }[]) {
  const rules = pages
    .map((p) => {
      const margin = p.sheet === "A5" ? "7mm 8mm 10mm" : "9mm 11mm 12mm";
      const font = "font: 8.5pt var(--font-text), sans-serif;";
      return `@page ${p.name} { size: ${sheets[p.sheet].size}; margin: ${margin};
  @bottom-left { content: "${quoted(p.foot)}"; ${font} }
  @bottom-right { content: counter(page) " / " counter(pages); ${font} } }
@media print { .paper[data-page="${p.name}"] { page: ${p.name}; } }`;
    })
    .join("\n");
  useEffect(() => {
    const style = document.createElement("style");
    style.nonce = nonce();
    style.textContent = rules;
    document.head.append(style);
    return () => style.remove();
  }, [rules]);
}
