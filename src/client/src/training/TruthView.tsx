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
  const { pictures } = truth;
  // Who lies is wider than half the column: there the one stands above the other, unless the screen is low.
  const lies = pictures.some((p) => p.width > p.height);
  const beside = pictures.length > 1 ? "grid-cols-[2fr_1fr]" : "grid-cols-2";
  const grid = lies ? "grid-rows-2 [@media(max-height:600px)]:grid-cols-2 [@media(max-height:600px)]:grid-rows-1" : beside;
  return (
    <div className="flex h-full flex-col">
      <div className={`grid min-h-0 flex-1 gap-3 ${pictures.length > 0 ? grid : ""}`}>
        {pictures.length > 0 && (
          <div className="flex min-h-0 items-end justify-center gap-3">
            {pictures.map((p, i) => (
              <Figure key={i} drawing={p} label={w.moment} scale={0.17} />
            ))}
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
