import type { Schemas } from "../api/client";

/** Sample results with their places; a long run of scores scrolls inside its own frame. */
export function SampleTable({ components, samples }: { components: string[]; samples: Schemas["SampleResult"][] }) {
  return (
    <div className="goes-on overflow-x-auto" role="region" aria-label="Sample results" tabIndex={0}>
      <table className="ruled">
        <thead>
          <tr className="text-[0.9rem] text-soft">
            <th scope="col">Invented run</th>
            {components.map((c) => [
              <th key={c} scope="col">
                {c}
              </th>,
              <th key={c + "p"} scope="col" className="!text-right">
                place
              </th>,
            ])}
          </tr>
        </thead>
        <tbody>
          {samples.map((s) => (
            <tr key={s.label}>
              <th scope="row" className="font-normal text-soft">
                {s.label}
              </th>
              {s.results.map((r, i) => [
                <td key={i} className="mono" title={r.reasons.join(" ")}>
                  {r.text}
                  {r.tieText && <span className="block text-[0.87rem] text-soft">{r.tieText}</span>}
                </td>,
                <td key={`${i}p`} className="text-right">
                  {s.places[i] === 0 ? "–" : s.places[i]}
                </td>,
              ])}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
