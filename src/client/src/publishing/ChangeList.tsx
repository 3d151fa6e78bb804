import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Message } from "../ui/Message";

export const touches: Record<Schemas["Touches"], string> = {
  Reps: "work",
  Loads: "loads",
  Clock: "clock",
  Standard: "standard",
  Scoring: "scoring",
  Words: "words only",
};

/** What differs between two versions, or a version and the draft, in plain words. */
export function ChangeList({ wid, from, to }: { wid: string; from: number; to?: number }) {
  const changes = useQuery(queries.changes(wid, from, to));
  if (changes.isError) return <Message error={changes.error} />;
  return changes.data ? <Changes of={changes.data} /> : null;
}

export function Changes({ of }: { of: Schemas["Difference"] }) {
  if (of.changes.length === 0) return <p className="text-soft">Nothing that is printed differs.</p>;
  return (
    <table className="ruled">
      <thead>
        <tr className="text-[0.9rem] text-soft">
          <th scope="col">For</th>
          <th scope="col">What</th>
          <th scope="col">Was</th>
          <th scope="col">Is</th>
        </tr>
      </thead>
      <tbody>
        {of.changes.map((c, i) => (
          <tr key={i}>
            <th scope="row">
              {c.for ?? "everybody"}
              <span className="block text-[0.87rem] font-normal text-soft">{touches[c.touches]}</span>
            </th>
            <td>
              <bdi>{c.what}</bdi>
            </td>
            <td>{c.before ? <bdi>{c.before}</bdi> : <span className="text-quiet">not there</span>}</td>
            <td className="font-semibold">{c.now ? <bdi>{c.now}</bdi> : <span className="font-normal text-quiet">gone</span>}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
