import { useEffect, useRef } from "react";
import type { Schemas } from "../api/client";
import { inkOf } from "../standards/Figure";
import { lengthOf, pointsAt, stillAt } from "./sitting";
import { useWords } from "./words";

type Film = Schemas["Film"];

const ends = { Bone: ["x1", "y1", "x2", "y2"], Disc: ["cx", "cy"] } as const;

/** The points of a picture are put in place without drawing the page anew, sixty times a second. */
function place(element: SVGElement, shape: Schemas["FilmShape"], points: readonly number[]) {
  if (shape.kind === "Outline") element.setAttribute("points", points.join(" "));
  else ends[shape.kind].forEach((name, i) => element.setAttribute(name, String(points[i])));
}

/** A rep as it is seen. It begins when it is shown, and says when it is over. */
export function FilmView({
  film,
  stills,
  speed = 1,
  started,
  onEnd,
}: {
  film: Film;
  /** The pictures that are shown one after the other in place of the motion; null for the motion. */
  stills: readonly number[] | null;
  speed?: number;
  /** Told the time at which it began, as the browser counts. */
  started?: (at: number) => void;
  onEnd?: () => void;
}) {
  const { w } = useWords();
  const group = useRef<SVGGElement>(null);
  const told = useRef({ started, onEnd });
  useEffect(() => {
    told.current = { started, onEnd };
  });
  useEffect(() => {
    const shapes = [...(group.current?.children ?? [])] as SVGElement[];
    let begun = -1;
    let frame = 0;
    let sounds = [...film.sounds];
    const length = stills ? stills.length * 700 : lengthOf(film) / speed;
    const draw = (now: number) => {
      if (begun < 0) {
        begun = now;
        told.current.started?.(now);
      }
      const gone = now - begun;
      const points = stills ? film.frames[stillAt(stills, gone)]! : pointsAt(film, gone * speed);
      let at = 0;
      film.shapes.forEach((s, i) => {
        place(shapes[i]!, s, points.slice(at, at + s.numbers));
        at += s.numbers;
      });
      if (!stills && sounds.length > 0 && gone * speed >= sounds[0]!) {
        sounds = sounds.slice(1);
        touch();
      }
      if (gone < length) frame = requestAnimationFrame(draw);
      else told.current.onEnd?.();
    };
    frame = requestAnimationFrame(draw);
    return () => cancelAnimationFrame(frame);
  }, [film, stills, speed]);
  return (
    <svg
      role="img"
      aria-label={w.film}
      viewBox={`${film.left} ${film.top} ${film.width} ${film.height}`}
      className="h-full w-full"
      preserveAspectRatio="xMidYMax meet"
    >
      <g ref={group}>
        {film.shapes.map((s, i) => {
          const ink = inkOf(s.ink);
          if (s.kind === "Bone") return <line key={i} stroke={ink} strokeWidth={s.size} strokeLinecap="round" />;
          if (s.kind === "Disc")
            return s.filled ? (
              <circle key={i} r={s.size} fill={ink} />
            ) : (
              <circle key={i} r={s.size} fill="none" stroke={ink} strokeWidth={24} />
            );
          return <polygon key={i} fill={s.filled ? ink : "none"} stroke={ink} strokeWidth={20} strokeLinejoin="round" />;
        })}
      </g>
    </svg>
  );
}

/** The touch that a judge hears: a short low knock. Where the browser gives no sound there is none. */
function touch() {
  try {
    const sound = new AudioContext();
    const [tone, loud] = [sound.createOscillator(), sound.createGain()];
    tone.frequency.value = 140;
    loud.gain.setValueAtTime(0.4, sound.currentTime);
    loud.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + 0.12);
    tone.connect(loud).connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + 0.13);
    tone.onended = () => void sound.close();
  } catch {
    // A judge without sound still sees.
  }
}
