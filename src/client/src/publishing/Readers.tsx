import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Schemas } from "../api/client";
import { queries } from "../api/queries";

/** Who has read and understood which version, and who of a pasted list has not. */
export function Readers({ wid, newest }: { wid: string; newest: Schemas["PublishedVersion"] }) {
  const all = useQuery(queries.confirmations(wid)).data ?? [];
  const [pasted, setPasted] = useState("");
  const [compared, setCompared] = useState<Schemas["NamesCompared"] | null>(null);
  const here = all.filter((c) => c.number === newest.number);
  const [judges, signedIn] = [here.filter((c) => c.judge).length, here.filter((c) => c.signedIn).length];
  const names = (list: string[]) => (list.length === 0 ? "nobody" : list.join(", "));
  return (
    <section aria-labelledby="readers">
      <h2 id="readers" className="section-head">
        Read and understood
      </h2>
      <p className="py-2">
        {here.length === 0
          ? `Nobody has confirmed version ${newest.number} yet.`
          : `${here.length} confirmed version ${newest.number}: ${judges} of them judges, ${signedIn} signed in.`}
      </p>
      {here.length > 0 && (
        <p className="text-soft">
          <bdi>{here.map((c) => c.name).join(", ")}</bdi>
        </p>
      )}
      <label className="mt-2 block">
        Compare with a list of names, one on each line
        <textarea className="block w-full" rows={3} value={pasted} onChange={(e) => setPasted(e.target.value)} />
      </label>
      <button
        className="act"
        disabled={!pasted.trim()}
        onClick={() =>
          void ask(
            api.POST("/api/workouts/{id}/confirmations/compare", {
              params: { path: { id: wid } },
              body: { number: newest.number, pasted },
            }),
          ).then(setCompared)
        }
      >
        Compare
      </button>
      {compared && (
        <dl role="status">
          <dt className="font-bold">Not yet</dt>
          <dd className="text-ochre">{names(compared.missing)}</dd>
          <dt className="font-bold">Confirmed</dt>
          <dd>{names(compared.confirmed)}</dd>
          <dt className="font-bold">Confirmed, not on the list</dt>
          <dd>{names(compared.unknown)}</dd>
        </dl>
      )}
    </section>
  );
}
