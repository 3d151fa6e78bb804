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
    case "bone":
      return (
        <line
          x1={s.x1}
          y1={s.y1}
          x2={s.x2}
          y2={s.y2}
          stroke={stroke}
          strokeWidth={s.width}
          strokeLinecap="round"
          strokeDasharray={s.ink === "Plane" ? "55 38" : undefined}
        />
      );
    case "disc":
      return s.filled ? (
        <circle cx={s.x} cy={s.y} r={s.radius} fill={stroke} />
      ) : (
        <circle cx={s.x} cy={s.y} r={s.radius} fill="none" stroke={stroke} strokeWidth={s.ink === "Judged" ? 20 : 24} />
      );
    case "outline":
      return (
        <polygon points={s.points.join(" ")} fill={s.filled ? stroke : "none"} stroke={stroke} strokeWidth={20} strokeLinejoin="round" />
      );
  }
}
