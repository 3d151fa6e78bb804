import { useEffect, useRef } from "react";
import type { Schemas } from "../api/client";
import { Figure } from "../standards/Figure";

/** How far each key moves; to the first, to the last, and away are keys of their own. */
const steps: Record<string, number> = {
  ArrowRight: 1,
  ArrowDown: 1,
  PageDown: 1,
  " ": 1,
  Enter: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
  PageUp: -1,
  Backspace: -1,
};

/** Which part a key leads to, counted from 1; null leaves; undefined is no key of ours. */
export function keyTo(key: string, at: number, of: number): number | null | undefined {
  if (key === "Escape") return null;
  if (key === "Home") return 1;
  if (key === "End") return of;
  const step = steps[key];
  return step === undefined ? undefined : Math.min(of, Math.max(1, at + step));
}

/** One rule at a time, to be read from the back of a hall. */
export function Slides({ talk, at, onMove }: { talk: Schemas["Talk"]; at: number; onMove: (to: number | null) => void }) {
  const of = talk.parts.length;
  const now = Math.min(of, Math.max(1, at));
  const part = talk.parts[now - 1];
  const screen = useRef<HTMLElement>(null);
  useEffect(() => {
    const pressed = (e: KeyboardEvent) => {
      // A button that has the focus keeps its own keys.
      if (e.altKey || e.ctrlKey || e.metaKey || ((e.key === " " || e.key === "Enter") && e.target instanceof HTMLButtonElement)) return;
      const to = keyTo(e.key, now, of);
      if (to === undefined) return;
      e.preventDefault();
      onMove(to);
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  }, [now, of, onMove]);
  if (!part) return null;
  const long = part.show.join(" ").length;
  return (
    <main
      ref={screen}
      className="slides"
      lang={talk.language === "Spanish" ? "es" : "en"}
      data-size={long < 90 ? "l" : long < 300 ? "m" : "s"}
    >
      <header>
        <span>
          <bdi>{talk.title}</bdi> · <bdi>{talk.for}</bdi>
        </span>
        {talk.open > 0 && <b>{talk.open === 1 ? "1 note is open" : `${talk.open} notes are open`}: not final</b>}
      </header>
      <section aria-live="polite" aria-label={`${now} of ${of}`}>
        <h1>{part.heading}</h1>
        <div className="what">
          <ul>
            {part.show.map((line, i) => (
              <li key={i}>{line}</li>
            ))}
          </ul>
          {!!part.figures?.length && (
            <div className="drawn">
              {part.figures.slice(0, 2).map((f, i) => (
                <figure key={i}>
                  <Figure drawing={f.drawing} label={f.title} scale={0.12} />
                  <figcaption>{f.title}</figcaption>
                </figure>
              ))}
            </div>
          )}
        </div>
      </section>
      <footer>
        <button onClick={() => onMove(now - 1)} disabled={now === 1}>
          Back
        </button>
        <span>
          {now} / {of}
          {part.demonstrate ? ` · ${part.demonstrate}` : ""}
        </span>
        <span className="right">
          <button onClick={() => void screen.current?.requestFullscreen()}>Fill the screen</button>
          <button onClick={() => onMove(null)}>Script</button>
          <button onClick={() => onMove(now + 1)} disabled={now === of}>
            Next
          </button>
        </span>
      </footer>
    </main>
  );
}
