import type { Schemas } from "../api/client";
import { clock } from "../ui/time";

const tenths = (n: number) => `${Math.trunc(n / 10)}.${n % 10}`;

/** How the results of one entry are spread, each score as bars with its numbers; under it the same with a changed pace. */
export function Spread({ of, changed, runs }: { of: Schemas["UsualEntry"]; changed: Schemas["UsualEntry"] | null; runs: number }) {
  return (
    <>
      <div className="section-head">
        <h2>{of.entry}</h2>
        <span className="text-[0.93rem] text-soft">nine of ten have stopped by {clock(of.lastStops)}</span>
      </div>
      {of.scores.map((s, i) => (
        <div key={s.score} className="mt-1">
          {of.scores.length > 1 && <h3 className="text-[0.93rem]">{s.score}</h3>}
          <One score={s} runs={runs} name={changed ? "as it is" : ""} />
          {changed?.scores[i] && <One score={changed.scores[i]} runs={runs} name="changed" />}
        </div>
      ))}
      {of.stands.length > 0 && (
        <p className="text-[0.93rem]">
          <span className="text-soft">At the cap most stand at </span>
          {of.stands.map((p) => `${p.words} (${p.runs})`).join(", ")}.
        </p>
      )}
      <p className="text-[0.93rem] text-soft">
        {tenths(of.noReps)} no-reps a run
        {of.changes !== null && `; a change of load takes up to ${Math.round(of.changes / 1000)} s for nine of ten`}
        {of.scores
          .map((s) => `; of twenty, ${tenths(s.shared)} share a place by ${s.score} alone, ${tenths(s.sharedAfterTies)} after ties`)
          .join("")}
        .
      </p>
    </>
  );
}

function One({ score, runs, name }: { score: Schemas["UsualScore"]; runs: number; name: string }) {
  const most = Math.max(...score.bars.map((b) => b.runs), 1);
  return (
    <figure className="mt-1">
      <figcaption className="text-[0.93rem]">
        {name && <strong>{name}: </strong>}
        {score.finished} of {runs} {score.isTime ? "finish" : "have a score"}
        {score.atTheCap > 0 && `, ${score.atTheCap} stand at the cap`}
        {score.nothing > 0 && `, ${score.nothing} have nothing`}. Middle <strong>{score.middle}</strong>, from {score.best} to {score.last};
        four of five between {score.tenth} and {score.ninetieth}.
      </figcaption>
      <table className="mt-1 text-[0.8rem]">
        <caption className="sr-only">How many runs lie where, best first</caption>
        <thead className="sr-only">
          <tr>
            <th scope="col">From and to</th>
            <th scope="col">Runs</th>
          </tr>
        </thead>
        <tbody>
          {score.bars.map((b, i) => (
            <tr key={i}>
              <th scope="row" className="mono w-56 pr-2 text-right font-normal leading-none text-soft">
                {b.from === b.to ? b.from : `${b.from} – ${b.to}`}
              </th>
              <td className="leading-none">
                <svg viewBox="0 0 100 8" preserveAspectRatio="none" className="inline-block h-3 w-[75%] align-middle" aria-hidden="true">
                  <rect
                    width={(100 * b.runs) / most}
                    height="8"
                    fill={b.class === "scored" ? "var(--color-spruce)" : "var(--color-paper)"}
                    stroke="var(--color-ink)"
                    strokeWidth={b.class === "scored" ? 0 : 1}
                    vectorEffect="non-scaling-stroke"
                  />
                </svg>{" "}
                {b.runs}
                {b.class !== "scored" && <span className="text-soft"> {b.class}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  );
}
