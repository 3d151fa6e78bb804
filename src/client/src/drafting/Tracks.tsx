import type { Schemas } from "../api/client";
import { tracksOf } from "./tracks";

/** A line for each member or group that is at a place of its own: where it is, span by span, under the clock. */
export function Tracks({ timeline: t }: { timeline: Schemas["Timeline"] }) {
  const ends = t.ends ?? 0;
  const rows = tracksOf(t);
  if (rows.length < 2) return null;
  return (
    <div className="mt-0.5 grid gap-px max-md:hidden" aria-hidden="true">
      {rows.map((row) => (
        <div key={row.who} className="relative h-[1.15rem] bg-margin text-[0.78rem] leading-[1.15rem]">
          {row.cells.map((c) => (
            <span
              key={c.from}
              title={`${row.who}: ${c.does}`}
              className={`absolute inset-y-0 truncate border-r border-paper px-1 ${c.rests ? "text-soft" : "bg-wash font-semibold"}`}
              style={{ left: `${(c.from / ends) * 100}%`, width: `${((c.to - c.from) / ends) * 100}%` }}
            >
              {c.first ? `${row.who} ${c.does}` : c.does}
            </span>
          ))}
        </div>
      ))}
    </div>
  );
}
