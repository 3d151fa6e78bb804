import type { Schemas } from "../api/client";

type Shape = Schemas["Shape"];
type Ink = Schemas["Ink"];

// Black on white stays clear: the far limbs are lighter, what stands around is thin, the judged plane is dashed.
export const inkOf = (ink: Ink) => colour[ink];

const colour: Record<Ink, string> = {
  Near: "var(--figure-ink, var(--color-ink))",
  Far: "var(--figure-far, var(--color-quiet))",
  Implement: "var(--figure-ink, var(--color-soft))",
  Around: "var(--figure-far, var(--color-quiet))",
  Plane: "var(--figure-plane, var(--color-spruce))",
  Judged: "var(--figure-plane, var(--color-spruce))",
};

// What is marked is read over limbs as dark as it: the ground shows on both sides of it.
const ground = "var(--figure-ground, var(--color-paper))";
const isMark = (ink: Ink) => ink === "Plane" || ink === "Judged";
const ring: Partial<Record<Ink, number>> = { Judged: 20, Plane: 14 };
const dashes = (ink: Ink) => (ink === "Plane" ? "55 38" : undefined);
const clear = 12;

/** A drawn position. Figures that stand together share one scale, in pixels for a millimetre. */
export function Figure({ drawing: d, label, scale }: { drawing: Schemas["Drawing"]; label: string; scale: number }) {
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${d.left} ${d.top} ${d.width} ${d.height}`}
      style={{ height: d.height * scale, width: d.width * scale, maxWidth: "100%" }}
    >
      {d.shapes.map((s, i) => (
        <Drawn key={i} shape={s} />
      ))}
    </svg>
  );
}

/** One shape of a drawing. */
export function Drawn({ shape: s }: { shape: Shape }) {
  const stroke = colour[s.ink];
  switch (s.kind) {
    case "bone": {
      const line = { x1: s.x1, y1: s.y1, x2: s.x2, y2: s.y2 };
      return (
        <>
          {isMark(s.ink) && (
            <line {...line} stroke={ground} strokeWidth={s.width + clear} strokeLinecap="round" strokeDasharray={dashes(s.ink)} />
          )}
          <line {...line} stroke={stroke} strokeWidth={s.width} strokeLinecap="round" strokeDasharray={dashes(s.ink)} />
        </>
      );
    }
    case "disc": {
      const disc = { cx: s.x, cy: s.y, r: s.radius, fill: s.filled ? stroke : "none" };
      const width = s.filled ? 0 : (ring[s.ink] ?? 24);
      return (
        <>
          {isMark(s.ink) && <circle {...disc} fill={s.filled ? ground : "none"} stroke={ground} strokeWidth={width + clear} />}
          <circle {...disc} stroke={width ? stroke : "none"} strokeWidth={width} strokeDasharray={dashes(s.ink)} />
        </>
      );
    }
    case "outline":
      return (
        <polygon points={s.points.join(" ")} fill={s.filled ? stroke : "none"} stroke={stroke} strokeWidth={20} strokeLinejoin="round" />
      );
  }
}
