import type { Schemas } from "../api/client";
import { useAddress } from "../ui/useAddress";
import { sheets, type Sheet } from "./sheet";

/** What a reader chose about papers. It stands in the address, so that a reload, a bookmark, and a second window show the same. */
export function useChoices() {
  const { search, set } = useAddress();
  const [sheet, cards] = [search.get("sheet") as Sheet | null, search.get("cardsheet") as Sheet | null];
  return {
    set,
    division: search.get("division") ?? "",
    language: (search.get("language") === "Spanish" ? "Spanish" : "English") satisfies Schemas["Language"] as Schemas["Language"],
    figures: search.get("figures") === "true",
    count: search.get("cards") ?? "1",
    first: search.get("first") ?? "1",
    post: search.get("post") ?? "",
    head: search.get("head") === "true",
    sheet: sheet && sheet in sheets ? sheet : ("A4" as Sheet),
    cardSheet: cards && cards in sheets ? cards : ("A4" as Sheet),
    /** The part of a talk that is on the screen, from 1; null for its script. */
    slide: /^[1-9]\d{0,3}$/.test(search.get("slide") ?? "") ? Number(search.get("slide")) : null,
    text: search.toString(),
  };
}

export type Choices = ReturnType<typeof useChoices>;

/** The same choices as the server takes them. */
export const query = (c: Choices) => ({
  ...(c.division ? { division: c.division } : {}),
  ...(c.language === "Spanish" ? { language: c.language } : {}),
  ...(c.figures ? { figures: true } : {}),
  ...(c.head ? { head: true } : {}),
  ...(c.count !== "1" && c.count !== "" ? { cards: Number(c.count) } : {}),
  ...(/^[1-9]$/.test(c.post) ? { post: Number(c.post) } : {}),
  ...(c.first !== "1" && c.first !== "" ? { first: Number(c.first) } : {}),
});
