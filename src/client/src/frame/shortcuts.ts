import { useEffect, useRef } from "react";

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
    let waiting = 0;
    const down = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === "k") {
        e.preventDefault();
        latest.current.palette();
        return;
      }
      if (e.ctrlKey || e.metaKey || e.altKey || typing(e.target)) return;
      if (waiting && Date.now() - waiting < 1500) {
        waiting = 0;
        const place = places.find((p) => p.key === e.key);
        if (place) {
          e.preventDefault();
          latest.current.go(place.to);
        }
      } else if (e.key === "g") {
        waiting = Date.now();
      } else if (e.key === "?") {
        latest.current.keys();
      }
    };
    window.addEventListener("keydown", down);
    return () => window.removeEventListener("keydown", down);
  }, []);
}
