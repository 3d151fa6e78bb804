import { useState } from "react";
import type { Explanation, Schemas } from "../api/client";
import { clock } from "../ui/time";
import { judgesAt, sayAt, ticksOf } from "./clockWords";
import { Tracks } from "./Tracks";

/** The hall clock to scale, with a playhead to drag: a slider by mouse, finger, and arrow keys. */
export function Ribbon({ explanation, column }: { explanation: Explanation; column: number }) {
  const t = explanation.timeline;
  const [at, setAt] = useState<number | null>(null);
  if (!t || (t.ends ?? 0) <= 0) {
    return (
      <p className="border-y border-rule py-3 text-soft">
        The clock appears here once the draft has a window, such as <span className="mono">9:00 for time</span>.
      </p>
    );
  }
  const ends = t.ends ?? 0;
  const share = (ms: number | null) => `${((ms ?? 0) / ends) * 100}%`;
  const now = Math.min(at ?? Math.round((ends * 0.42) / 1000) * 1000, ends);
  const ticks = ticksOf(ends);
  const minutes = ends <= 45 * 60000 ? Array.from({ length: Math.floor(ends / 60000) + 1 }, (_, i) => i * 60000) : [];
  const words = sayAt(explanation, t, now, column);
  return (
    <section aria-label="Clock" className="select-none">
      <div className="mono relative h-5 text-soft" aria-hidden="true">
        {ticks.map((ms, i) => (
          <span key={ms} className={`absolute ${i % 2 && ticks.length > 5 ? "max-md:hidden" : ""}`} style={{ left: share(ms) }}>
            {clock(ms)}
          </span>
        ))}
        <span className="absolute right-0 bg-paper pl-2">{clock(ends)}</span>
      </div>
      <div className="relative">
        <div className="flex h-7">
          {t.spans.map((s) => (
            <Span key={s.starts} span={s} explanation={explanation} share={((s.ends ?? 0) - (s.starts ?? 0)) / ends} />
          ))}
        </div>
        <div className="relative h-6 border-t border-rule" aria-hidden="true">
          {t.forks.map((f) => (
            <i
              key={`${f.piece}.${f.at}`}
              className="absolute -top-7 h-9 border-l-2 border-dashed border-ochre"
              style={{ left: share(f.at) }}
            />
          ))}
          {t.forks.length <= 4 &&
            t.forks.map((f) => (
              <span
                key={f.at}
                className="absolute top-1.5 -translate-x-1/2 bg-paper px-1 text-[0.87rem] text-ochre"
                style={{ left: share(f.at) }}
              >
                gate {clock(f.at ?? 0)}
              </span>
            ))}
          {minutes.map((ms) => (
            <i key={ms} className="absolute top-0 h-2 border-l border-rule" style={{ left: share(ms) }} />
          ))}
          <span className="absolute left-0 top-1.5 text-[0.87rem]">“3, 2, 1, go”</span>
          {ends > 200000 && <span className="absolute right-0 top-1.5 text-[0.87rem]">“Time” {clock(ends)}</span>}
        </div>
        <i
          className="pointer-events-none absolute -top-1 h-[3.6rem] border-l-2 border-brick"
          style={{ left: share(now) }}
          aria-hidden="true"
        />
        <input
          type="range"
          min={0}
          max={ends}
          step={1000}
          value={now}
          onChange={(e) => setAt(Number(e.target.value))}
          aria-label="Playhead on the clock"
          aria-valuetext={`${clock(now)}: ${words}`}
          className="playhead absolute inset-x-0 top-0 h-full w-full cursor-ew-resize opacity-0"
        />
      </div>
      <Tracks timeline={t} />
      <p className="mt-1 flex items-baseline gap-2.5" aria-hidden="true">
        <span className="mono bg-brick px-1.5 font-bold text-paper">{clock(now)}</span>
        <span>{words}</span>
      </p>
      {(t.forks.length > 0 || t.ownRests.length > 0 || judgesAt(t, now)) && (
        <p className="mt-1 text-[0.94rem] text-soft">
          {t.forks.map((f) => f.words).join(" ")}{" "}
          {t.ownRests
            .map((r) => `Own rest of ${clock(r.length ?? 0)} after ${r.counted}: it begins at each athlete’s own finish.`)
            .join(" ")}{" "}
          {judgesAt(t, now)}
        </p>
      )}
    </section>
  );
}

function Span({ span, explanation, share }: { span: Schemas["ClockSpan"]; explanation: Explanation; share: number }) {
  const pieces = span.pieces.map((k) => explanation.pieces.find((p) => p.key === k)).filter((p) => p !== undefined);
  const width = { width: `${share * 100}%` };
  if (span.kind !== "Work") {
    return (
      <div style={width} className="overflow-hidden border-x border-paper bg-margin px-1 pt-0.5 text-[0.87rem] whitespace-nowrap text-soft">
        {share > 0.06 ? span.kind.toLowerCase() : ""}
      </div>
    );
  }
  const [first, second] = pieces;
  if (pieces.length > 1 && !second?.inTimeLeft) {
    // Several stations or groups at once: who is where stands in the tracks under it.
    return (
      <div style={width} className="truncate border-r border-paper bg-spruce px-1 pt-0.5 text-[0.87rem] text-paper">
        {share > 0.12 ? `${pieces.length} places at once` : ""}
      </div>
    );
  }
  const name = (p: (typeof pieces)[number]) => `${p.label && share > 0.06 ? p.label + " " : ""}for ${p.goal.toLowerCase()}`;
  if (first && second?.inTimeLeft) {
    // Nobody knows beforehand when the first part ends; the slant says so.
    return (
      <div style={width} className="relative border-r border-paper bg-wash">
        <div className="absolute inset-0 bg-spruce [clip-path:polygon(0_0,66%_0,76%_100%,0_100%)]" />
        <span className="absolute left-2 top-0.5 w-[62%] truncate text-paper">
          <b>{name(first)}</b> <span className="pl-2">{first.summary}</span>
        </span>
        <span className="absolute right-0 top-0 h-full w-[23%] truncate bg-wash pt-0.5 pr-2 text-right text-ink">
          <b>{second.label}</b> time left
        </span>
      </div>
    );
  }
  return (
    <div style={width} className="truncate border-r border-paper bg-spruce px-2 pt-0.5 text-paper">
      {first && (
        <>
          <b>{name(first)}</b> <span className="pl-2">{share > 0.3 ? first.summary : ""}</span>
        </>
      )}
    </div>
  );
}
