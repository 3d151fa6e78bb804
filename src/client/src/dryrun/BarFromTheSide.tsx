import type { Schemas } from "../api/client";
import { BarDrawing } from "../ui/BarDrawing";

/** The bar of a lane as it stands now, with what was changed on it. */
export function BarFromTheSide({ bar }: { bar: Schemas["BarAt"] }) {
  const side = bar.side.length ? bar.side.map((p) => p.name).join(" + ") : "no plates";
  return (
    <figure className="mt-2">
      <figcaption className="text-[0.93rem]">
        <strong>The bar</strong> {bar.words}: bar {bar.bar}, each side {side}
        {bar.change && <span className="text-soft">; {bar.change}</span>}
      </figcaption>
      <BarDrawing bar={bar} className="mt-1 block h-24 w-full" />
    </figure>
  );
}
