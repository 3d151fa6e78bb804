import type { Schemas } from "../api/client";

/** The results of the heat with their reasons; they stand there when the clock has ended. */
export function Results({ lanes, over, toEnd }: { lanes: Schemas["LaneReplay"][]; over: boolean; toEnd: () => void }) {
  const scores = lanes[0]?.results.map((r) => r.score) ?? [];
  return (
    <section aria-label="Results" className="mt-5">
      <div className="section-head">
        <h2>Results of the heat</h2>
        {!over && (
          <button className="act" onClick={toEnd}>
            Go to the end
          </button>
        )}
      </div>
      {scores.length === 0 ? (
        <p className="mt-1 text-soft">No score of this workout can be computed yet; its checks say why.</p>
      ) : !over ? (
        <p className="mt-1 text-soft">They stand here when the clock has ended.</p>
      ) : (
        <table className="ruled">
          <thead>
            <tr>
              <th scope="col" className="w-14">
                Lane
              </th>
              <th scope="col">Entry</th>
              {scores.map((s) => (
                <th key={s} scope="col">
                  {s}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lanes.map((lane) => (
              <tr key={lane.lane}>
                <th scope="row">{lane.lane}</th>
                <td>{lane.entry}</td>
                {lane.results.map((r) => (
                  <td key={r.score}>
                    <strong>{r.text}</strong>
                    {r.tie && <span className="text-soft"> ({r.tie})</span>}
                    {r.of > 1 && (
                      <span className="text-soft">
                        {" "}
                        · place {r.place} of {r.of}
                      </span>
                    )}
                    <span className="block text-[0.87rem] text-soft">{r.reasons.join(" ")}</span>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
