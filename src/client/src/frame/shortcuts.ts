import { useEffect, useRef } from "react";
import { tinykeys, type KeybindingsMap } from "tinykeys";

/** Two-key "go to": g, then a letter. */
export const places = [
  { key: "c", to: "", name: "Competition" },
  { key: "w", to: "workouts", name: "Workouts" },
  { key: "s", to: "standards", name: "Standards" },
  { key: "o", to: "scoring", name: "Scoring" },
  { key: "k", to: "checks", name: "Checks" },
  { key: "p", to: "publish", name: "Publish" },
  { key: "b", to: "briefs", name: "Briefs" },
] as const;

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.getAttribute("role") === "gridcell");

/** Keys that work everywhere outside text fields; Ctrl-K works inside them too. */
export function useShortcuts(act: { go: (to: string) => void; palette: () => void; keys: () => void }) {
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  useEffect(() => {
    const outside = (then: () => void) => (e: KeyboardEvent) => {
      if (typing(e.target)) return;
      e.preventDefault();
      then();
    };
    const keys: KeybindingsMap = {
      "$mod+k": (e) => {
        e.preventDefault();
        latest.current.palette();
      },
      "(Shift)+?": outside(() => latest.current.keys()),
    };
    for (const place of places) keys[`g ${place.key}`] = outside(() => latest.current.go(place.to));
    return tinykeys(window, keys, { timeout: 1500, ignore: (e) => e.isComposing });
  }, []);
}
