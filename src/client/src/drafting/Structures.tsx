import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { queries } from "../api/queries";

/** What a workout can begin with, while the draft has no work: a skeleton whose places are filled in one after the other. */
export function Structures({ text, onBegin }: { text: () => string; onBegin: (begun: Schemas["BegunDraft"]) => void }) {
  const all = useQuery(queries.structures()).data;
  const [failed, setFailed] = useState("");
  const begin = async (name: string) => {
    setFailed("");
    try {
      onBegin(await ask(api.POST("/api/structures", { body: { text: text(), name } })));
    } catch (e) {
      setFailed(e instanceof Refused ? e.title : "It could not be begun.");
    }
  };
  if (!all) return null;
  return (
    <section aria-labelledby="begin">
      <div className="section-head">
        <h2 id="begin">Begin with a structure</h2>
      </div>
      <p className="py-1 text-soft">Tab goes from place to place. Or paste what you have into the draft, or type it your way.</p>
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {all.map((s) => (
          <li key={s.name} className="border-b border-rule py-1">
            <button className="act text-left" onClick={() => void begin(s.name)}>
              {s.name.charAt(0).toUpperCase() + s.name.slice(1)}
            </button>
            {s.forTeams && <span className="text-soft"> (teams)</span>}
            <span className="block text-[0.9rem] leading-tight text-soft">{s.means}</span>
          </li>
        ))}
      </ul>
      {failed && (
        <p role="alert" className="field-error">
          {failed}
        </p>
      )}
    </section>
  );
}
