import type { Schemas } from "../api/client";

/** A QR code as one path of black modules; sharp at every size. */
export function Qr({ code }: { code: Schemas["CardCode"] }) {
  const path = code.rows
    .map((row, y) => Array.from(row.matchAll(/1+/g), (m) => `M${m.index} ${y}h${m[0].length}v1h-${m[0].length}z`).join(""))
    .join("");
  return (
    <svg
      role="img"
      aria-label={`QR code of card ${code.id}`}
      className="qr"
      viewBox={`0 0 ${code.size} ${code.size}`}
      shapeRendering="crispEdges"
    >
      <rect width={code.size} height={code.size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
