import { useEffect, useRef, useState } from "react";
import { useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { sheets, type Sheet } from "./sheet";

/** What a reader chose about papers. It stands in the address, so that a reload, a bookmark, and a second window show the same. */
export function useChoices() {
  const [search, set] = useText();
  const [sheet, cards] = [search.get("sheet") as Sheet | null, search.get("cardsheet") as Sheet | null];
  return {
    set,
    division: search.get("division") ?? "",
    language: (search.get("language") === "Spanish" ? "Spanish" : "English") satisfies Schemas["Language"] as Schemas["Language"],
    figures: search.get("figures") === "true",
    count: search.get("cards") ?? "1",
    first: search.get("first") ?? "1",
    sheet: sheet && sheet in sheets ? sheet : "A4" as Sheet,
    cardSheet: cards && cards in sheets ? cards : "A4" as Sheet,
    text: search.toString(),
  };
}

export type Choices = ReturnType<typeof useChoices>;

/** The same choices as the server takes them. */
export const query = (c: Choices) => ({
  ...(c.division ? { division: c.division } : {}),
  ...(c.language === "Spanish" ? { language: c.language } : {}),
  ...(c.figures ? { figures: true } : {}),
  ...(c.count !== "1" && c.count !== "" ? { cards: Number(c.count) } : {}),
  ...(c.first !== "1" && c.first !== "" ? { first: Number(c.first) } : {}),
});

/**
 * The address as it was last chosen. The address itself follows only when the page below has been drawn anew, which takes
 * seconds for a pack of some hundred papers; a second choice meanwhile must neither wait nor undo the first.
 */
function useText(): [URLSearchParams, (key: string, value: string) => void] {
  const [address, setAddress] = useSearchParams();
  const [chosen, setChosen] = useState(address.toString());
  const latest = useRef(chosen);
  const ours = useRef<string[]>([]);
  const there = address.toString();
  useEffect(() => {
    const sent = ours.current.indexOf(there);
    if (sent >= 0) { ours.current = ours.current.slice(sent + 1); return; }
    // Somebody else changed it: back, forward, or a link.
    latest.current = there;
    setChosen(there);
  }, [there]);
  const set = (key: string, value: string) => {
    const next = new URLSearchParams(latest.current);
    if (value) next.set(key, value); else next.delete(key);
    const text = next.toString();
    if (text === latest.current) return;
    latest.current = text;
    ours.current = [...ours.current, text];
    setChosen(text);
    setAddress(next, { replace: true });
  };
  return [new URLSearchParams(chosen), set];
}
