import { useEffect, useRef } from "react";
import { tinykeys, type KeybindingsMap } from "tinykeys";

/** Two-key "go to": g, then a letter. */
export const places = [
  { key: "c", to: "", name: "Competition" },
  { key: "w", to: "workouts", name: "Workouts" },
  { key: "s", to: "standards", name: "Standards" },
  { key: "o", to: "scoring", name: "Scoring" },
  { key: "k", to: "checks", name: "Checks" },
  { key: "d", to: "dry-run", name: "Dry run" },
  { key: "p", to: "publish", name: "Publish" },
  { key: "b", to: "briefs", name: "Briefs" },
] as const;

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.getAttribute("role") === "gridcell");

/** What the keys do. */
export type Acts = { go: (to: string) => void; palette: () => void; keys: () => void };

/** Listens to the keys that work everywhere outside text fields; Ctrl-K works inside them too. Returns how to stop. */
export function listen(acts: () => Acts): () => void {
  const outside = (then: (key: string) => void) => (e: KeyboardEvent) => {
    if (typing(e.target)) return;
    e.preventDefault();
    then(e.key.toLowerCase());
  };
  const keys: KeybindingsMap = {
    "$mod+k": (e) => {
      e.preventDefault();
      acts().palette();
    },
    // Where it needs Shift and where it does not.
    "[Shift]+?": outside(() => acts().keys()),
    // One sequence for all places: of several that begin alike, only the first would be listened to again.
    [`g (${places.map((p) => p.key).join("|")})`]: outside((key) => acts().go(places.find((p) => p.key === key)!.to)),
  };
  return tinykeys(window, keys, { timeout: 1500, ignore: (e) => e.isComposing });
}

/** {@link listen} while the page stands. */
export function useShortcuts(acts: Acts) {
  const latest = useRef(acts);
  useEffect(() => {
    latest.current = acts;
  });
  useEffect(() => listen(() => latest.current), []);
}
