import { useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { changed } from "../api/queries";

/** Adds to the kit of a lane what a finding misses there: a change that holds for every workout of the competition. */
export function KitMend({ cid, mend, onAdded }: { cid: string; mend: Schemas["KitMend"]; onAdded: () => void }) {
  const [wrong, setWrong] = useState("");
  const add = async () => {
    try {
      changed.competition(await ask(api.POST("/api/competitions/{id}/kit", { params: { path: { id: cid } }, body: mend.add })));
      setWrong("");
      onAdded();
    } catch (e) {
      setWrong(e instanceof Refused ? (Object.values(e.errors).flat()[0] ?? e.title) : "This could not be added.");
    }
  };
  return (
    <p>
      <button className="act" onClick={() => void add()}>
        {mend.label}
      </button>
      {wrong && (
        <span role="alert" className="field-error block">
          {wrong}
        </span>
      )}
    </p>
  );
}
