import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Choice } from "../ui/Choice";
import { Loading, Message } from "../ui/Message";
import { clock } from "../ui/time";
import { LaneRows } from "./LaneRows";
import { lastAt, nextAfter } from "./lookup";
import { OneLane } from "./OneLane";
import { Results } from "./Results";
import { usePlayhead } from "./usePlayhead";

type Entry = Schemas["LaneOf"];

const MIXED = "all of them";

/** Who runs in each lane: the chosen division, or all of them in turn. */
const lanesOf = (entries: Entry[], division: string, lanes: number): Entry[] => {
  const of = division === MIXED ? entries : entries.filter((e) => e.division === division);
  return Array.from({ length: lanes }, (_, i) => of[i % of.length]!);
};

/** One heat, played. */
export function Heat({ cid, body, entries }: { cid: string; body: string; entries: Entry[] }) {
  const divisions = [...new Set(entries.map((e) => e.division))];
  const [division, setDivision] = useState(divisions.length > 1 ? MIXED : divisions[0]!);
  const [lanes, setLanes] = useState(8);
  const [seed, setSeed] = useState(1);
  const asked = useMemo(() => lanesOf(entries, division, lanes), [entries, division, lanes]);
  const heat = useQuery({ ...queries.heat(cid, body, asked, seed), placeholderData: keepPreviousData });
  return (
    <>
      <div className="mt-2 flex flex-wrap items-center gap-x-8 gap-y-2">
        {divisions.length > 1 && <Choice label="Division" value={division} of={[MIXED, ...divisions]} onChange={setDivision} />}
        <label className="flex items-center gap-2">
          Lanes{" "}
          <input
            type="number"
            min={1}
            max={20}
            value={lanes}
            className="w-16"
            onChange={(e) => setLanes(Math.max(1, Math.min(20, Math.trunc(Number(e.target.value)) || 1)))}
          />
        </label>
        <label className="flex items-center gap-2">
          Heat made up from{" "}
          <input
            type="number"
            min={0}
            value={seed}
            className="w-24"
            onChange={(e) => setSeed(Math.max(0, Math.min(Number.MAX_SAFE_INTEGER, Math.trunc(Number(e.target.value)) || 0)))}
          />
        </label>
        <button className="act" onClick={() => setSeed((s) => s + 1)}>
          Another heat
        </button>
      </div>
      {heat.isError ? (
        <Message error={heat.error} retry={() => void heat.refetch()} />
      ) : heat.data ? (
        <Played key={`${seed} ${division} ${lanes}`} heat={heat.data} />
      ) : (
        <Loading what="the heat" />
      )}
    </>
  );
}

function Played({ heat }: { heat: Schemas["HeatReplay"] }) {
  const head = usePlayhead(heat.ends);
  const [lane, setLane] = useState(1);
  const { time } = head;
  const said = lastAt(heat.calls, time);
  const next = nextAfter(heat.calls, time);
  const jump = (kind: Schemas["MomentKind"]) =>
    nextAfter(
      heat.moments.filter((m) => m.kind === kind),
      time,
    );
  const jumps = [
    { words: "Next call", to: next?.at },
    { words: "Next hand-over", to: jump("HandOver")?.at, has: heat.moments.some((m) => m.kind === "HandOver") },
    { words: "Next gate", to: jump("Gate")?.at, has: heat.moments.some((m) => m.kind === "Gate") },
    { words: "First finisher", to: heat.moments.find((m) => m.kind === "FirstFinisher")?.at },
    { words: "Cap", to: jump("Cap")?.at },
  ].filter((j) => j.has !== false);
  return (
    <>
      <section aria-label="Clock" className="mt-3 border-y border-ink py-2">
        <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
          <button className="press w-24" onClick={head.toggle}>
            {head.plays ? "Hold" : "Play"}
          </button>
          <output className="mono text-[1.6rem] font-bold leading-none" aria-label="Hall clock">
            {clock(time)}
          </output>
          <span className="text-soft">of {clock(heat.ends)}</span>
          <label className="flex items-center gap-2 text-[0.93rem]">
            Speed{" "}
            <select value={head.speed} onChange={(e) => head.setSpeed(Number(e.target.value))}>
              {[1, 5, 20, 60].map((s) => (
                <option key={s} value={s}>
                  {s === 1 ? "as it is" : `${s} times`}
                </option>
              ))}
            </select>
          </label>
          {jumps.map((j) => (
            <button key={j.words} className="act text-[0.93rem]" disabled={j.to === undefined} onClick={() => head.put(j.to!)}>
              {j.words}
            </button>
          ))}
        </div>
        <input
          type="range"
          aria-label="Playhead"
          aria-valuetext={clock(time)}
          className="block w-full p-0 accent-spruce"
          min={0}
          max={heat.ends}
          step={1000}
          value={time}
          onChange={(e) => head.put(Number(e.target.value))}
        />
        <p className="flex flex-wrap gap-x-6" aria-label="The caller">
          <span>
            <span className="text-soft">The caller says </span>
            <strong className={said && time - said.at < 3000 ? "bg-flash px-1" : ""}>{said ? `“${said.words}”` : "nothing yet"}</strong>
            {said && <span className="text-soft"> at {clock(Math.max(0, said.at))}</span>}
          </span>
          {next && (
            <span className="text-soft">
              then at {clock(next.at)} “{next.words}”
            </span>
          )}
        </p>
      </section>
      <div className="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <LaneRows lanes={heat.lanes} time={time} chosen={lane} choose={setLane} />
        <OneLane lane={heat.lanes[Math.min(lane, heat.lanes.length) - 1]!} time={time} />
      </div>
      <Results lanes={heat.lanes} over={time >= heat.ends} toEnd={() => head.put(heat.ends)} />
    </>
  );
}
