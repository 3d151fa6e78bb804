import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas, StoredCompetition } from "../api/client";
import { queries } from "../api/queries";
import { useCompetitionDocument } from "../document/useCompetitionDocument";

export interface ChangedPace {
  pace: Schemas["Pace"];
  /** The division it is changed for; undefined for all. */
  division: string | undefined;
}

const seconds = (ms: Schemas["Duration"]) => String((ms ?? 0) / 1000);

/** Milliseconds of a number of seconds; null for what is none, or is not over 0 and up to ten minutes. */
export function readSeconds(text: string): number | null {
  const match = /^(\d{1,3})(?:[.,](\d{1,3}))?$/.exec(text.trim());
  if (!match) return null;
  const ms = Number(match[1]) * 1000 + Number((match[2] ?? "").padEnd(3, "0") || 0);
  return ms > 0 && ms <= 600_000 ? ms : null;
}

const units: Record<Schemas["AmountUnit"], string> = { Rep: "rep", Calorie: "cal", Metre: "m", Foot: "ft", Second: "s" };

/** The paces that are expected of the movements; one of them can be changed for a division, and the spread is drawn anew beside the old. */
export function Paces({
  cid,
  paces,
  divisions,
  changed,
  change,
}: {
  cid: string;
  paces: Schemas["ExpectedPace"][];
  divisions: string[];
  changed: ChangedPace | null;
  change: (pace: ChangedPace | null) => void;
}) {
  const stored = useQuery(queries.competition(cid)).data;
  const [which, setWhich] = useState(0);
  const [division, setDivision] = useState("");
  const [usual, setUsual] = useState("");
  const [wrong, setWrong] = useState("");
  const chosen = paces[which]?.pace;
  const apply = () => {
    const ms = readSeconds(usual);
    if (!chosen || ms === null) {
      setWrong("Seconds for one unit, over 0 and up to 600: 2.5");
      return;
    }
    setWrong("");
    change({
      pace: { ...chosen, usual: ms, fastest: Math.min(chosen.fastest ?? ms, ms), division: division || null },
      division: division || undefined,
    });
  };
  return (
    <section aria-label="Paces" className="min-w-0">
      <div className="section-head">
        <h2>Paces</h2>
      </div>
      <p className="mt-1 text-[0.93rem] text-soft">Seconds for one unit without a break. Ours are estimates, not measurements.</p>
      <table className="ruled text-[0.93rem]">
        <thead>
          <tr>
            <th scope="col">Movement</th>
            <th scope="col" className="text-right">
              Usual
            </th>
            <th scope="col" className="text-right">
              Fastest
            </th>
          </tr>
        </thead>
        <tbody>
          {paces.map(({ pace, ours }) => (
            <tr key={pace.movement + pace.unit + (pace.division ?? "")}>
              <th scope="row" className="font-normal">
                <bdi>{pace.movement}</bdi>, one {units[pace.unit]}
                {pace.load != null && <span className="text-soft"> at {pace.load} kg</span>}
                {pace.division && <bdi className="text-soft"> for {pace.division}</bdi>}
                {!ours && <span className="text-soft"> · of this competition</span>}
              </th>
              <td className="mono text-right">{seconds(pace.usual)}</td>
              <td className="mono text-right">{seconds(pace.fastest)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <form
        className="mt-3 flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          apply();
        }}
      >
        <div>
          <label className="block" htmlFor="pace-which">
            Change
          </label>
          <select id="pace-which" className="block" value={which} onChange={(e) => setWhich(Number(e.target.value))}>
            {paces.map(({ pace }, i) => (
              <option key={pace.movement + pace.unit + (pace.division ?? "")} value={i}>
                {pace.movement}
              </option>
            ))}
          </select>
        </div>
        <div>
          <label className="block" htmlFor="pace-for">
            for
          </label>
          <select id="pace-for" className="block" value={division} onChange={(e) => setDivision(e.target.value)}>
            <option value="">all divisions</option>
            {divisions.map((d) => (
              <option key={d}>{d}</option>
            ))}
          </select>
        </div>
        <div>
          <label className="block" htmlFor="pace-to">
            to seconds
          </label>
          <input
            id="pace-to"
            className="block w-24"
            inputMode="decimal"
            value={usual}
            placeholder={chosen ? seconds(chosen.usual) : ""}
            aria-invalid={wrong !== ""}
            aria-describedby={wrong ? "pace-wrong" : undefined}
            onChange={(e) => setUsual(e.target.value)}
          />
        </div>
        <button className="press">Draw anew</button>
        {changed && (
          <button type="button" className="act" onClick={() => change(null)}>
            Take it back
          </button>
        )}
      </form>
      {wrong && (
        <p id="pace-wrong" role="alert" className="field-error">
          {wrong}
        </p>
      )}
      {changed && (
        <p className="mt-2 text-[0.93rem]">
          Drawn beside the old: {changed.pace.movement} in {seconds(changed.pace.usual)} s
          {changed.division ? ` for ${changed.division}` : ""}, with the same seeds.{" "}
          {stored && <Keep key={stored.id} stored={stored} pace={changed.pace} kept={() => change(null)} />}
        </p>
      )}
    </section>
  );
}

/** Puts a pace down for the competition: from then on it is the one that is expected, and it stands in no code. */
function Keep({ stored, pace, kept }: { stored: StoredCompetition; pace: Schemas["Pace"]; kept: () => void }) {
  const doc = useCompetitionDocument(stored);
  return (
    <button
      type="button"
      className="act"
      onClick={() => {
        const others = (doc.value.paces ?? []).filter(
          (p) => p.movement !== pace.movement || p.unit !== pace.unit || (p.division ?? null) !== (pace.division ?? null),
        );
        doc.change({ ...doc.value, paces: [...others, pace] }, `pace ${pace.movement}`);
        kept();
      }}
    >
      Keep it for this competition
    </button>
  );
}
