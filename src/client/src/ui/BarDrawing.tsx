import type { Schemas } from "../api/client";

const SLEEVE = 415;
const HANDLE = 330;
const HALF = 230;

/** A bar with its plates from the side, to scale; each plate says its mass, so that it reads in black and white. Half of it
 * is its right side without the masses, for small drawings that have them beside. */
export function BarDrawing({ bar, className, half = false }: { bar: Schemas["BarAt"]; className: string; half?: boolean }) {
  const plates = bar.side.map((plate, i) => ({ ...plate, from: bar.side.slice(0, i).reduce((sum, p) => sum + p.thickness, 0) }));
  const words = `${bar.words}: ${[bar.bar, ...bar.side.map((p) => p.name)].join(" + ")}`;
  const width = HANDLE + 2 * SLEEVE;
  return (
    <svg
      viewBox={half ? `${width / 2} 0 ${width / 2 + 4} ${2 * HALF + 10}` : `0 0 ${width} ${2 * HALF + 10}`}
      className={className}
      role="img"
      aria-label={words}
    >
      <rect x={SLEEVE} y={HALF - 9} width={HANDLE} height={18} fill="var(--color-quiet)" />
      {(half ? [true] : [false, true]).map((right) => (
        <g key={String(right)} transform={right ? `translate(${SLEEVE + HANDLE} 0)` : `translate(${SLEEVE} 0) scale(-1 1)`}>
          <rect x={0} y={HALF - 20} width={SLEEVE} height={40} fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth={4} />
          <rect x={-14} y={HALF - 34} width={14} height={68} fill="var(--color-ink)" />
          {plates.map((p, i) => (
            <g key={i}>
              <rect
                x={p.from}
                y={HALF - p.diameter / 2}
                width={p.thickness}
                height={p.diameter}
                fill="var(--color-sheet)"
                stroke="var(--color-ink)"
                strokeWidth={5}
              />
              {!half && (
                <text
                  transform={`translate(${p.from + p.thickness / 2} ${HALF}) ${right ? "" : "scale(-1 1) "}rotate(-90)`}
                  textAnchor="middle"
                  dominantBaseline="central"
                  fontSize={Math.min(54, p.thickness + 12)}
                  fill="var(--color-ink)"
                >
                  {p.name}
                </text>
              )}
            </g>
          ))}
        </g>
      ))}
    </svg>
  );
}
