import { useState } from "react";
import type { Schemas } from "../api/client";
import { Figure } from "../standards/Figure";
import { FilmView } from "./FilmView";
import { useWords } from "./words";

/** The truth beside the rep again, at half speed. */
export function TruthView({
  truth,
  film,
  stills,
}: {
  truth: Schemas["TruthShown"];
  film: Schemas["Film"];
  stills: readonly number[] | null;
}) {
  const { w } = useWords();
  const [round, setRound] = useState(0);
  return (
    <div className="flex h-full flex-col">
      <div className={`grid min-h-0 flex-1 gap-3 ${truth.picture ? "grid-cols-2" : ""}`}>
        {truth.picture && (
          <div className="flex min-h-0 items-end justify-center">
            <Figure drawing={truth.picture} label={w.moment} scale={0.17} />
          </div>
        )}
        <FilmView key={round} film={film} stills={stills} speed={0.5} />
      </div>
      <p className="text-right">
        <button className="act" onClick={() => setRound((n) => n + 1)}>
          {w.half}
        </button>
      </p>
    </div>
  );
}
