import { useEffect, useRef } from "react";
import { tinykeys } from "tinykeys";

/** Ctrl-Z undoes, Ctrl-Y and Ctrl-Shift-Z redo, wherever the cursor is on the page. */
export function useUndoKeys(of: { undo: () => void; redo: () => void }) {
  const latest = useRef(of);
  useEffect(() => {
    latest.current = of;
  });
  useEffect(() => {
    const press = (what: "undo" | "redo") => (e: KeyboardEvent) => {
      e.preventDefault();
      latest.current[what]();
    };
    return tinykeys(
      window,
      { "$mod+z": press("undo"), "$mod+y": press("redo"), "$mod+Shift+z": press("redo") },
      { ignore: (e) => e.isComposing },
    );
  }, []);
}
