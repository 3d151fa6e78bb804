import { useEffect, useState } from "react";
import { lessMotion } from "./lessMotion";
import { stillAt } from "./sitting";
import { placeOf, stillsOf, type Grid } from "./strip";
import { useWords } from "./words";

/** A filmed rep as it is seen, once; in still pictures where less motion is asked for. */
export function StripView({ url, grid, rate, speed = 1 }: { url: string; grid: Grid; rate: number; speed?: number }) {
  const { w } = useWords();
  const [ready, setReady] = useState(false);
  const [at, setAt] = useState(0);
  const { frames, across, wide, high } = grid;
  useEffect(() => {
    if (!ready) return;
    const stills = lessMotion() ? stillsOf(frames) : null;
    const begun = performance.now();
    let next = 0;
    const show = (now: number) => {
      const gone = Math.max(0, now - begun);
      const n = stills ? stillAt(stills, gone) : Math.min(frames - 1, Math.floor((gone * rate * speed) / 1000));
      setAt(n);
      if (n < frames - 1) next = requestAnimationFrame(show);
    };
    next = requestAnimationFrame(show);
    return () => cancelAnimationFrame(next);
  }, [ready, frames, rate, speed]);
  const { x, y } = placeOf(grid, at);
  return (
    <svg
      role="img"
      aria-label={w.film}
      data-at={at}
      viewBox={`0 0 ${wide} ${high}`}
      className="h-full w-full"
      preserveAspectRatio="xMidYMax meet"
    >
      {/* The inner page shows one picture, and none of its neighbours. */}
      <svg width={wide} height={high}>
        <image href={url} x={-x} y={-y} width={across * wide} height={Math.ceil(frames / across) * high} onLoad={() => setReady(true)} />
      </svg>
    </svg>
  );
}
