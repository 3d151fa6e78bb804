import { del, get, set } from "idb-keyval";
import type { Kept, Ports } from "./saving";

/** Keeps a document in this browser, one write after the other: a slow older write never lands over a newer one. */
export function keptAt<T>(key: string): Ports<T, unknown>["kept"] {
  let last: Promise<unknown> = Promise.resolve();
  const after = <R>(act: () => Promise<R>): Promise<R> => {
    const next = last.then(act, act);
    last = next.catch(() => undefined);
    return next;
  };
  return {
    get: () => after(() => get<Kept<T>>(key)),
    set: (kept) => after(() => set(key, kept)),
    drop: () => after(() => del(key)),
  };
}

/** The ports that every document in a browser shares. */
export const browser = {
  later: (ms: number, then: () => void) => {
    const timer = setTimeout(then, ms);
    return () => clearTimeout(timer);
  },
  newId: () => crypto.randomUUID(),
};
