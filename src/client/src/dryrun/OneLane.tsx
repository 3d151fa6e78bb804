import type { Schemas } from "../api/client";
import { clock } from "../ui/time";
import { BarFromTheSide } from "./BarFromTheSide";
import { at, shown } from "./lookup";

/** What the judge of one lane looks at, the bar that stands there, and the card as it fills. */
export function OneLane({ lane, time }: { lane: Schemas["LaneReplay"]; time: number }) {
  const open = shown(lane.tracks, time).map((track) => ({ track, now: at(track, time) }));
  const working = open.filter((o) => o.now.standing === "works" && o.now.task);
  const bars = working.flatMap((o) => o.now.task?.bars ?? []);
  const written = lane.written.filter((w) => w.at <= time);
  return (
    <section aria-label={`Lane ${lane.lane}`} className="min-w-0">
      <div className="section-head">
        <h2>
          Lane {lane.lane}, {lane.entry}
        </h2>
      </div>
      <h3 className="mt-2 text-[0.93rem]">The judge looks at</h3>
      {working.length === 0 ? (
        <p className="text-soft">nothing: {open[0] ? open[0].now.standing : "waits"}</p>
      ) : (
        working.map((o) => (
          <p key={o.track.part} className="leading-snug">
            {lane.tracks.length > 1 && <span className="text-soft">{o.track.part}: </span>}
            {o.now.task!.looks ?? o.now.task!.words}
          </p>
        ))
      )}
      {bars.map((bar, i) => (
        <BarFromTheSide key={i} bar={bar} />
      ))}
      <div className="mt-2 flex items-baseline justify-between">
        <h3 className="text-[0.93rem]">The card</h3>
        <button className="act text-[0.93rem]" onClick={() => window.print()}>
          Print it as it stands
        </button>
      </div>
      <div
        className="filled-card max-h-[26rem] overflow-auto border border-rule bg-sheet p-2"
        tabIndex={0}
        aria-label="Card of the lane"
        role="region"
      >
        {lane.card.length === 0 && written.length === 0 && (
          <p className="text-soft">It has no boxes: each count is written down when its clock ends.</p>
        )}
        {lane.card.map((table, i) => (
          <CardTable key={i} table={table} time={time} />
        ))}
        {written.map((w, i) => (
          <p key={i} className="text-[0.87rem]">
            {w.label}: <strong className="mono">{w.text}</strong>
          </p>
        ))}
      </div>
    </section>
  );
}

function CardTable({ table, time }: { table: Schemas["CardTable"]; time: number }) {
  return (
    <table className="mb-2 text-[0.8rem]">
      {table.caption && <caption className="text-left font-semibold">{table.caption}</caption>}
      {table.head.some((h) => h.length > 0) && (
        <thead>
          <tr>
            {table.head.map((h, i) =>
              h.length === 0 ? (
                <td key={i} />
              ) : (
                <th key={i} scope="col" className="px-1 align-bottom font-normal leading-tight text-soft">
                  {h}
                </th>
              ),
            )}
          </tr>
        </thead>
      )}
      <tbody>
        {table.rows.map((row, y) => (
          <tr key={y}>
            {row.map((cell, x) =>
              x === 0 ? (
                <th key={x} scope="row" className="pr-2 text-left font-normal leading-tight">
                  {cell.text}
                </th>
              ) : (
                <Box key={x} cell={cell} time={time} />
              ),
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** A box with its number; crossed off from the moment on at which the task was done. */
function Box({ cell, time }: { cell: Schemas["CardBox"]; time: number }) {
  const crossed = cell.crossed !== null && cell.crossed <= time;
  return (
    <td className="mono relative h-6 min-w-8 border border-quiet px-1 text-center">
      {cell.text}
      {crossed && (
        <svg
          viewBox="0 0 10 10"
          preserveAspectRatio="none"
          className="absolute inset-0 size-full"
          role="img"
          aria-label={`crossed at ${clock(cell.crossed!)}`}
        >
          <path d="M0 0L10 10M10 0L0 10" stroke="var(--color-spruce)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
        </svg>
      )}
    </td>
  );
}
