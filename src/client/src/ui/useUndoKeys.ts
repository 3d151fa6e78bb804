import { useEffect, useRef } from "react";

/** Ctrl-Z undoes, Ctrl-Y and Ctrl-Shift-Z redo, wherever the cursor is on the page. */
export function useUndoKeys(of: { undo: () => void; redo: () => void }) {
  const latest = useRef(of);
  useEffect(() => {
    latest.current = of;
  });
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey)) return;
      if (e.key === "z" && !e.shiftKey) {
        e.preventDefault();
        latest.current.undo();
      }
      if (e.key === "y" || (e.key.toLowerCase() === "z" && e.shiftKey)) {
        e.preventDefault();
        latest.current.redo();
      }
    };
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  }, []);
}
