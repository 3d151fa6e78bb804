import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import type { Movement } from "../api/client";
import { queries } from "../api/queries";
import { Loading } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { capital, consequences, phases } from "./words";

const order = Object.keys(phases);

/** Two standards side by side, or one across divisions or workouts; what differs is marked by a word. */
export function ComparePage() {
  const { cid = "" } = useParams();
  const { get, set } = useAddress();
  const book = useQuery(queries.book(cid)).data;
  const divisions = useQuery(queries.competition(cid)).data?.competition.divisions.map((d) => d.name) ?? [];
  const workouts = useQuery(queries.overview(cid)).data?.workouts ?? [];
  const first = get("a") || book?.movements[0]?.id || "";
  const second = get("b") || first;
  const a = useStandard(cid, first, get("ad"), get("aw"));
  const b = useStandard(cid, second, get("bd"), get("bw"));
  if (!book || !a || !b) return <Loading what="the standards" />;
  const ids = [...new Set([...a.clauses, ...b.clauses].filter((c) => c.kind !== "Tip").map((c) => c.id))];
  const rows = ids
    .map((id) => ({ id, a: text(a, id), b: text(b, id), phase: [...a.clauses, ...b.clauses].find((c) => c.id === id)!.phase! }))
    .sort((x, y) => order.indexOf(x.phase) - order.indexOf(y.phase));
  const differ = rows.filter((r) => r.a !== r.b).length;
  const side = (key: "a" | "b", value: string) => (
    <th scope="col" className="w-[44%] font-normal">
      <span className="flex flex-wrap gap-2">
        <select aria-label={key === "a" ? "First standard" : "Second standard"} value={value} onChange={(e) => set(key, e.target.value)}>
          {book.movements.map((m) => (
            <option key={m.id} value={m.id}>
              {m.name.english}
            </option>
          ))}
        </select>
        <select
          aria-label={key === "a" ? "First division" : "Second division"}
          value={get(key + "d")}
          onChange={(e) => set(key + "d", e.target.value)}
        >
          <option value="">everybody</option>
          {divisions.map((d) => (
            <option key={d}>{d}</option>
          ))}
        </select>
        <select
          aria-label={key === "a" ? "First workout" : "Second workout"}
          value={get(key + "w")}
          onChange={(e) => set(key + "w", e.target.value)}
        >
          <option value="">the whole competition</option>
          {workouts.map((w) => (
            <option key={w.id} value={w.id}>
              {w.title || "Untitled"}
            </option>
          ))}
        </select>
      </span>
    </th>
  );
  return (
    <main className="px-6 py-4">
      <h1>Compare</h1>
      <p className="text-soft">
        {capital(a.name.english)} and {b.name.english}: {differ === 0 ? "no clause differs" : `${differ} of ${rows.length} clauses differ`}.
      </p>
      <div className="overflow-x-auto" role="region" aria-label="Comparison" tabIndex={0}>
        <table className="ruled mt-3 min-w-[42rem]">
          <thead>
            <tr>
              <th scope="col">Phase</th>
              {side("a", first)}
              {side("b", second)}
            </tr>
          </thead>
          <tbody>
            {rows.map((r) => (
              <tr key={r.id} className={r.a === r.b ? "" : "bg-wash"}>
                <th scope="row" className="text-soft">
                  {phases[r.phase]}
                  {r.a !== r.b && <span className="block text-[0.87rem] font-bold text-ochre">differs</span>}
                </th>
                {[r.a, r.b].map((t, i) => (
                  <td key={i}>
                    {t === "" ? (
                      <span className="text-soft">no such rule</span>
                    ) : (
                      t.split("\n").map((l, j) => (
                        <p key={j} className={j ? "text-[0.9rem] text-soft" : ""}>
                          {l}
                        </p>
                      ))
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </main>
  );
}

function useStandard(cid: string, movement: string, division: string, workout: string) {
  return useQuery({ ...queries.standard(cid, movement, division, workout), enabled: movement !== "" }).data;
}

function text(m: Movement, id: string): string {
  const clause = m.clauses.find((c) => c.id === id);
  const fault = m.faults.find((f) => f.breaks === id);
  return clause
    ? [clause.text.english, fault ? `No rep: ${fault.sign.english} “${fault.call.english}”; ${consequences[fault.then!]}.` : ""]
        .filter(Boolean)
        .join("\n")
    : "";
}
