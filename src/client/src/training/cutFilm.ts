import type { Schemas } from "../api/client";
import { framesFrom, gridOf, placeOf, type Grid } from "./strip";

/** Pictures of a film in one, ready to be shown and sent. */
export interface Cut extends Grid {
  /** The picture as the address of an image. */
  url: string;
  /** The picture as it is sent. */
  file: Blob;
}

/** How good the pictures are, of 1: what is kept is drawn anew once more. */
const quality = 0.85;

/** Moves a film to a moment, and waits until it stands there. */
function seek(video: HTMLVideoElement, seconds: number) {
  return new Promise<void>((done, no) => {
    video.addEventListener("seeked", () => done(), { once: true });
    video.addEventListener("error", () => no(new Error("This film cannot be read any further.")), { once: true });
    video.currentTime = seconds;
  });
}

/** How long a film lasts, seconds. What a browser has recorded itself says so only once its end was looked for. */
export async function durationOf(video: HTMLVideoElement) {
  if (video.duration === Infinity) {
    await seek(video, 1e7);
    await seek(video, 0);
  }
  return video.duration;
}

/** Takes the pictures of a film from a moment on. The film itself goes nowhere. */
export async function cut(video: HTMLVideoElement, from: number, limits: Schemas["FilmLimits"]): Promise<Cut> {
  video.pause();
  const frames = framesFrom(video.duration, from, limits);
  if (frames < limits.fewest) throw new Error("The film ends here: go back to where the rep begins.");
  const grid = gridOf(video.videoWidth, video.videoHeight, frames, limits);
  const page = document.createElement("canvas");
  page.width = grid.across * grid.wide;
  page.height = Math.ceil(frames / grid.across) * grid.high;
  const ink = page.getContext("2d")!;
  for (let i = 0; i < frames; i++) {
    await seek(video, from + i / limits.rate);
    const { x, y } = placeOf(grid, i);
    ink.drawImage(video, x, y, grid.wide, grid.high);
  }
  // Whoever looks for a better beginning goes on from here.
  await seek(video, from);
  const file = await new Promise<Blob | null>((done) => page.toBlob(done, "image/jpeg", quality));
  if (!file) throw new Error("This browser has no room for the pictures.");
  return { ...grid, url: page.toDataURL("image/jpeg", quality), file };
}
