import type { Schemas } from "../api/client";

type Modules = Schemas["CardCode"] | Schemas["QrModules"];

/** A QR code as one path of black modules; sharp at every size. */
export function Qr({ code, label = "id" in code ? `QR code of card ${code.id}` : "" }: { code: Modules; label?: string }) {
  const path = code.rows
    .map((row, y) => Array.from(row.matchAll(/1+/g), (m) => `M${m.index} ${y}h${m[0].length}v1h-${m[0].length}z`).join(""))
    .join("");
  return (
    <svg role="img" aria-label={label} className="qr" viewBox={`0 0 ${code.size} ${code.size}`} shapeRendering="crispEdges">
      <rect width={code.size} height={code.size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
