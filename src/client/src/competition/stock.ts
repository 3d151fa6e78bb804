import type { Schemas } from "../api/client";

type Stock = Schemas["ImplementStock"];

const item = /^(?:(\d{1,3})[x×])?(\d{1,3}(?:\.\d{1,4})?)$/;

/** What stands in the field of a kind of implements: `12  16  2 x 24`. */
export const writeStock = (stock: readonly Stock[]) =>
  stock.map(({ mass, count }) => (count == null ? String(mass) : `${count} x ${mass}`)).join("  ");

/** Reads such a field, lightest first; or the first word that is no implement. A mass that stands there twice is two of it. */
export function readStock(text: string): Stock[] | string {
  const stock = new Map<number, Stock>();
  const words = text.trim().replace(/(?<=\d)\s*[x×]\s*(?=\d)/gi, "x");
  for (const word of words.split(/[\s;]+/).filter(Boolean)) {
    const match = item.exec(word);
    if (!match) return word;
    const mass = Number(match[2]);
    const count = match[1] === undefined ? null : Number(match[1]);
    const before = stock.get(mass);
    stock.set(mass, { mass, count: before ? (before.count ?? 1) + (count ?? 1) : count });
  }
  return [...stock.values()].sort((a, b) => a.mass - b.mass);
}
