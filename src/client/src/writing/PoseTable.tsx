import { useId, useRef, useState } from "react";
import type { Movement, Schemas } from "../api/client";
import { Drawn } from "../standards/Figure";
import { Choice } from "../ui/Choice";
import type { Place, useWriting } from "./useWriting";

type Writing = ReturnType<typeof useWriting>;
type Joint = Schemas["Joint"];

const paired = ["Shoulder", "Elbow", "Hip", "Knee", "Ankle"] as const;
const single = ["Trunk", "Neck"] as const;
const names = { Start: "Start", Through: "On the way", Finish: "Finish" } as const;
const reached = { Palm: "the hands", Toe: "the toes", Knee: "the knee", Hip: "the hip", Crown: "the head", Chest: "the chest" } as const;

/** The position that is being posed: drag a joint, or type its angle; what every clause says stands beside it. */
export function PoseTable({ writing: w }: { writing: Writing }) {
  const [both, setBoth] = useState(true);
  const m = w.movement;
  const pose = w.looked?.pose;
  const at = (path: string) =>
    w.looked?.errors
      .filter((e) => e.path === path)
      .map((e) => e.message)
      .join(" ");
  const faults = m.clauses.filter((c) => m.faults.some((f) => f.breaks === c.id) && ["Start", "Through", "Finish"].includes(c.phase!));
  const posed = (m.poses ?? []).some((p) => p.phase === w.place.phase && (p.breaks ?? null) === w.place.breaks);
  const drop = () =>
    w.change({ ...m, poses: (m.poses ?? []).filter((p) => p.phase !== w.place.phase || (p.breaks ?? null) !== w.place.breaks) }, "unpose");
  if (!m.motion) return <p className="text-soft">This standard has no figures. Begin from a movement that has some.</p>;
  return (
    <section aria-label="Figure">
      <div className="section-head">
        <Choice
          label="Position"
          value={w.place.breaks === null ? w.place.phase : "Through"}
          of={["Start", "Through", "Finish"] as const}
          text={(p) => names[p]}
          onChange={(phase) => w.show({ phase, breaks: null }, w.stature)}
        />
        <Stature value={w.stature} error={at("pose.stature")} onChange={(s) => w.show(w.place, s)} />
      </div>
      <label className="mt-1 flex items-center gap-2 text-[0.9rem]">
        Shown
        <select value={w.place.breaks ?? ""} onChange={(e) => w.show(placeOf(m, e.target.value, w.place), w.stature)}>
          <option value="">the good position</option>
          {faults.map((c) => (
            <option key={c.id} value={c.id}>
              no rep: {m.faults.find((f) => f.breaks === c.id)!.call.english}
            </option>
          ))}
        </select>
      </label>
      <div className="mt-1 grid gap-x-4 sm:grid-cols-[minmax(0,1fr)_15rem]">
        <div>
          {pose ? (
            <Body
              figure={pose}
              name={m.name.english || "the movement"}
              onDrag={(part, side, x, y) => w.pose({ drag: { part, side, both, x, y } }, `drag ${part}`)}
            />
          ) : (
            <p className="h-80 text-quiet">{w.looked ? "" : "Drawing …"}</p>
          )}
          <label className="flex items-center gap-2 text-[0.9rem]">
            <input type="checkbox" className="min-h-0" checked={both} onChange={(e) => setBoth(e.target.checked)} />
            both sides together
          </label>
        </div>
        <div>
          <table className="text-[0.9rem]">
            <thead>
              <tr className="text-soft">
                <th scope="col">Angle, degrees</th>
                <th scope="col" className="w-16">
                  near
                </th>
                <th scope="col" className="w-16">
                  far
                </th>
              </tr>
            </thead>
            <tbody>
              {paired.map((j) => (
                <tr key={j}>
                  <th scope="row" className="font-normal">
                    {j}
                  </th>
                  {(["Near", "Far"] as const).map((s) => (
                    <td key={s}>
                      <Angle
                        label={`${j}, ${s.toLowerCase()} side`}
                        of={angle(pose, j, s)}
                        onSet={(degrees) => w.pose({ turn: { joint: j, side: both ? null : s, degrees } }, `angle ${j}`)}
                      />
                    </td>
                  ))}
                </tr>
              ))}
              {single.map((j) => (
                <tr key={j}>
                  <th scope="row" className="font-normal">
                    {j}
                  </th>
                  <td colSpan={2}>
                    <Angle
                      label={j}
                      of={angle(pose, j, "Near")}
                      onSet={(degrees) => w.pose({ turn: { joint: j, side: null, degrees } }, `angle ${j}`)}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {at("pose.turn.degrees") && (
            <p role="alert" className="field-error">
              {at("pose.turn.degrees")}
            </p>
          )}
          <Bring error={at("pose.reach.height")} onBring={(part, height, turn) => w.pose({ reach: { part, height, turn } }, "reach")} />
          {posed && (
            <button className="act mt-1" onClick={drop}>
              Back to the figure it began from
            </button>
          )}
        </div>
      </div>
      <Verdicts movement={m} place={w.place} verdicts={pose?.verdicts ?? []} />
    </section>
  );
}

const placeOf = (m: Movement, clause: string, now: Place): Place => {
  const phase = m.clauses.find((c) => c.id === clause)?.phase;
  return clause === "" ? { phase: now.phase, breaks: null } : { phase: phase as Place["phase"], breaks: clause };
};

const angle = (pose: Schemas["PosedFigure"] | null | undefined, joint: Joint, side: Schemas["Side"]) =>
  pose?.angles.find((a) => a.joint === joint && a.side === side)?.degrees;

/** An angle: typed and taken with Enter or on leaving; arrows turn by a degree, with Shift by ten. */
function Angle({ label, of, onSet }: { label: string; of: number | undefined; onSet: (degrees: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const take = () => {
    const value = Number(typed);
    if (typed !== null && typed.trim() !== "" && Number.isFinite(value) && value !== of) onSet(value);
    setTyped(null);
  };
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      className="w-[4.2rem] text-right"
      value={typed ?? (of === undefined ? "" : String(of))}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={take}
      onKeyDown={(e) => {
        if (e.key === "Enter") take();
        if (e.key === "Escape") setTyped(null);
        const by = (e.key === "ArrowUp" ? 1 : e.key === "ArrowDown" ? -1 : 0) * (e.shiftKey ? 10 : 1);
        if (by && of !== undefined) {
          e.preventDefault();
          setTyped(null);
          onSet(Math.round((of + by) * 10) / 10);
        }
      }}
    />
  );
}

function Stature({ value, error, onChange }: { value: number; error: string | undefined; onChange: (millimetres: number) => void }) {
  const [typed, setTyped] = useState(String(value / 10));
  return (
    <span className="text-[0.9rem] font-normal text-soft">
      <label className="flex items-center gap-2">
        drawn for{" "}
        <input
          className="w-16 text-right"
          inputMode="numeric"
          value={typed}
          aria-invalid={!!error}
          onChange={(e) => {
            setTyped(e.target.value);
            if (e.target.value.trim() !== "" && Number.isFinite(Number(e.target.value))) onChange(Math.round(Number(e.target.value) * 10));
          }}
        />{" "}
        cm
      </label>
      {error && (
        <span role="alert" className="field-error block">
          {error}
        </span>
      )}
    </span>
  );
}

/** Brings a part to a height by one joint; bones keep their lengths, so it may be out of reach. */
function Bring({ error, onBring }: { error: string | undefined; onBring: (part: Schemas["Part"], height: number, turn: Joint) => void }) {
  const [part, setPart] = useState<keyof typeof reached>("Palm");
  const [height, setHeight] = useState("225");
  const [turn, setTurn] = useState<Joint>("Hip");
  const id = useId();
  return (
    <fieldset className="mt-2 border-t border-rule pt-1 text-[0.9rem]">
      <legend className="sr-only">Bring a part to a height</legend>
      <span className="flex flex-wrap items-center gap-1.5">
        Bring{" "}
        <select aria-label="Part" value={part} onChange={(e) => setPart(e.target.value as keyof typeof reached)}>
          {Object.entries(reached).map(([k, v]) => (
            <option key={k} value={k}>
              {v}
            </option>
          ))}
        </select>
        to{" "}
        <input
          aria-label="Height in millimetres"
          className="w-[4.5rem] text-right"
          inputMode="numeric"
          value={height}
          aria-invalid={!!error}
          aria-describedby={error ? id : undefined}
          onChange={(e) => setHeight(e.target.value)}
        />{" "}
        mm by the{" "}
        <select aria-label="Joint" value={turn} onChange={(e) => setTurn(e.target.value as Joint)}>
          {[...paired, ...single].map((j) => (
            <option key={j} value={j}>
              {j.toLowerCase()}
            </option>
          ))}
        </select>
        <button
          type="button"
          className="act"
          disabled={!/^-?\d+(\.\d+)?$/.test(height.trim())}
          onClick={() => onBring(part, Number(height), turn)}
        >
          Bring
        </button>
      </span>
      {error && (
        <span id={id} role="alert" className="field-error block">
          {error}
        </span>
      )}
    </fieldset>
  );
}

/** Millimetres around the figure in which a joint can be dragged. */
const room = 260;

/** The drawing with its handles. The frame stays where it is while a joint is dragged. */
function Body({
  figure,
  name,
  onDrag,
}: {
  figure: Schemas["PosedFigure"];
  name: string;
  onDrag: (part: Schemas["Part"], side: Schemas["Side"], x: number, y: number) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ part: Schemas["Part"]; side: Schemas["Side"]; frame: string } | null>(null);
  const move = (e: React.PointerEvent) => {
    const to = svg.current?.getScreenCTM()?.inverse();
    if (!held || !to) return;
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(to);
    onDrag(held.part, held.side, Math.round(p.x), Math.round(p.y));
  };
  const { left, top, width, height } = figure.drawing;
  const frame = `${left - room} ${top - room} ${width + 2 * room} ${height + 2 * room}`;
  return (
    <svg
      ref={svg}
      role="img"
      aria-label={`${name}, the position that is posed`}
      viewBox={held?.frame ?? frame}
      className="h-[380px] w-full bg-sheet [--figure-ground:var(--color-sheet)]"
      style={{ touchAction: "none" }}
      onPointerMove={move}
      onPointerUp={() => setHeld(null)}
      onPointerCancel={() => setHeld(null)}
    >
      {figure.drawing.shapes.map((s, i) => (
        <Drawn key={i} shape={s} />
      ))}
      {figure.handles.map((h) => (
        <circle
          key={h.part + h.side}
          data-handle={`${h.part}-${h.side}`}
          cx={h.x}
          cy={h.y}
          r={h.side === "Near" ? 34 : 24}
          fill="var(--color-paper)"
          fillOpacity={0.85}
          stroke="var(--color-spruce)"
          strokeWidth={held?.part === h.part && held.side === h.side ? 22 : 12}
          style={{ cursor: "grab" }}
          onPointerDown={(e) => {
            e.preventDefault();
            svg.current?.setPointerCapture(e.pointerId);
            setHeld({ part: h.part, side: h.side, frame });
          }}
        />
      ))}
    </svg>
  );
}

/** What the clauses of this phase say of the position, in the words of each. */
function Verdicts({ movement: m, place, verdicts }: { movement: Movement; place: Place; verdicts: Schemas["Verdict"][] }) {
  const broken = verdicts.filter((v) => !v.holds).map((v) => v.clause);
  const note =
    place.breaks === null
      ? broken.length
        ? "The good position breaks a clause: move a joint, or change the clause."
        : ""
      : broken.length === 0
        ? "This should break its clause, and keeps it: move the joint past the limit."
        : broken.some((b) => b !== place.breaks)
          ? "A typical fault should break its own clause only."
          : "";
  return (
    <div className="mt-2" aria-live="polite">
      <ul className="text-[0.9rem]">
        {verdicts.map((v) => (
          <li key={v.clause} className="flex gap-2 border-b border-rule py-0.5">
            <span className={`w-20 shrink-0 font-bold ${v.holds ? "text-spruce" : "text-brick"}`}>{v.holds ? "✓ keeps" : "✕ breaks"}</span>
            <span>
              {m.clauses.find((c) => c.id === v.clause)?.text.english}{" "}
              <span className="text-soft">
                ({v.holds ? "inside" : "outside"} by {Math.abs(v.margin ?? 0)})
              </span>
            </span>
          </li>
        ))}
      </ul>
      {verdicts.length === 0 && <p className="text-[0.9rem] text-soft">No clause of this phase is decided on a drawing.</p>}
      {note && <p className="mt-1 font-semibold text-ochre">{note}</p>}
    </div>
  );
}
