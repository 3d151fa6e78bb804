import type { Schemas } from "../api/client";

type Limits = Schemas["FilmLimits"];

/** Pictures of a film in one: side by side, row under row. */
export interface Grid {
  frames: number;
  across: number;
  /** Pixels across of one picture. */
  wide: number;
  /** Pixels down of one picture. */
  high: number;
}

/** How the pictures of a film stand so that each is as large as can be, no larger than it is. */
export function gridOf(width: number, height: number, frames: number, { side }: Limits): Grid {
  let best = { across: 1, scale: 0 };
  for (let across = 1; across <= frames; across++) {
    const scale = Math.min(1, side / (across * width), side / (Math.ceil(frames / across) * height));
    if (scale > best.scale) best = { across, scale };
  }
  return { frames, across: best.across, wide: Math.floor(width * best.scale), high: Math.floor(height * best.scale) };
}

/** Where a picture stands in the grid, in pixels. */
export const placeOf = ({ across, wide, high }: Grid, frame: number) => ({
  x: (frame % across) * wide,
  y: Math.floor(frame / across) * high,
});

/** The longest film that is looked through for a rep, seconds. */
export const longest = 120;

/** How many pictures are taken from a moment on. */
export const framesFrom = (duration: number, from: number, { rate, most }: Limits) =>
  Math.min(most, Math.floor((duration - from) * rate + 1e-6));

/** Why a film is not opened, for a person; null where it is. */
export function objectionTo(duration: number, { rate, fewest, most }: Limits): string | null {
  if (!(duration > 0) || !Number.isFinite(duration)) return "This browser cannot show that file as a film.";
  if (duration > longest)
    return (
      `This film lasts ${spoken(duration)}. One rep is asked for: films of up to ${longest / 60} minutes are opened, ` +
      `and ${most / rate} s of them are kept.`
    );
  return duration * rate < fewest ? `This film is shorter than ${fewest / rate} s: nobody sees a rep in that.` : null;
}

/** Hours, minutes, and seconds. */
function spoken(seconds: number) {
  const s = Math.floor(seconds);
  const parts = [Math.floor(s / 3600), Math.floor(s / 60) % 60, s % 60];
  return (parts[0] ? parts : parts.slice(1)).map((n, i) => (i ? String(n).padStart(2, "0") : n)).join(":");
}

/** Eight of the pictures, evenly over the film, for who asks for less motion. */
export const stillsOf = (frames: number) => Array.from({ length: 8 }, (_, i) => Math.round((i * (frames - 1)) / 7));
