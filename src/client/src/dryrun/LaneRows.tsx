import type { Schemas } from "../api/client";
import { clock } from "../ui/time";
import { at, shown, type Track, type TrackNow } from "./lookup";

/** The lanes side by side: what each is at, and how far. */
export function LaneRows({
  lanes,
  time,
  chosen,
  choose,
}: {
  lanes: Schemas["LaneReplay"][];
  time: number;
  chosen: number;
  choose: (lane: number) => void;
}) {
  return (
    <section aria-label="Lanes" className="min-w-0">
      <table className="ruled">
        <thead>
          <tr>
            <th scope="col" className="w-14">
              Lane
            </th>
            <th scope="col" className="flex justify-between">
              Does <span>Counted</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {lanes.map((lane) => (
            <tr key={lane.lane} className={lane.lane === chosen ? "bg-wash" : ""}>
              <th scope="row">
                <button
                  className="act w-full px-1"
                  aria-pressed={lane.lane === chosen}
                  aria-label={`Look at lane ${lane.lane}`}
                  onClick={() => choose(lane.lane)}
                >
                  {lane.lane}
                </button>
              </th>
              <td>
                <span className="text-[0.87rem] text-soft">{lane.entry}</span>
                <span className={lane.tracks.length > 1 && shown(lane.tracks, time).length > 1 ? "grid grid-cols-2 gap-x-6" : "block"}>
                  {shown(lane.tracks, time).map((track) => (
                    <TrackLine key={track.part} track={track} now={at(track, time)} named={lane.tracks.length > 1} />
                  ))}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function TrackLine({ track, now, named }: { track: Track; now: TrackNow; named: boolean }) {
  const share = track.all ? now.counted / track.all : null;
  return (
    <span className="block leading-snug">
      <span className="flex items-baseline justify-between gap-3">
        <span className="min-w-0">
          {named && <span className="text-soft">{track.part}: </span>}
          {now.standing === "waits" ? (
            <span className="text-soft">waits</span>
          ) : now.standing === "done" ? (
            <strong>done at {clock(track.ends!)}</strong>
          ) : now.standing === "stopped" ? (
            <span>stopped at {clock(track.ends!)}</span>
          ) : now.standing === "rests" ? (
            <span>rests until {clock(now.until!)}</span>
          ) : (
            <>
              {now.task?.words ?? "stands ready"}
              {now.task?.of != null && now.task.of > 1 && (
                <span className="text-soft">
                  {" "}
                  · {now.unit} of {now.task.of}
                </span>
              )}
              {now.who && <span className="text-soft"> · {now.who}</span>}
              {now.noRep && <strong className="text-brick"> ✕ {now.noRep}</strong>}
            </>
          )}
        </span>
        <span className="mono shrink-0">
          {track.counts ? now.counted : ""}
          {track.all !== null && <span className="text-soft"> / {track.all}</span>}
        </span>
      </span>
      {share !== null && (
        <svg viewBox="0 0 100 2" preserveAspectRatio="none" className="mt-0.5 block h-[3px] w-full" aria-hidden="true">
          <rect width="100" height="2" fill="var(--color-rule)" />
          <rect width={100 * Math.min(1, share)} height="2" fill="var(--color-spruce)" />
        </svg>
      )}
    </span>
  );
}
