import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Refused, type Movement, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Message } from "../ui/Message";
import { Figure } from "./Figure";

/** The three positions, and beside a good pose each typical fault. The figure explains a rule; it judges nobody. */
export function Plates({ cid, movement: m }: { cid: string; movement: Movement }) {
  const [typed, setTyped] = useState("175");
  const stature = Math.round(Number(typed) * 10);
  const plate = useQuery({
    ...queries.figures(cid, m.id, stature, JSON.stringify(m.clauses)),
    placeholderData: (before) => before,
  });
  if (!m.motion) return null;
  const clause = (id: string | null | undefined) => m.clauses.find((c) => c.id === id);
  return (
    <section aria-labelledby="figures" className="mt-4">
      <div className="section-head">
        <h2 id="figures">What it looks like</h2>
        <label className="flex items-center gap-2 text-[0.9rem] font-normal text-soft">
          drawn for{" "}
          <input
            className="w-16 text-right"
            inputMode="numeric"
            value={typed}
            aria-invalid={plate.isError}
            onChange={(e) => setTyped(e.target.value)}
          />{" "}
          cm
        </label>
      </div>
      {plate.isError &&
        (plate.error instanceof Refused && plate.error.at("stature") ? (
          <p role="alert" className="field-error">
            {plate.error.at("stature")}
          </p>
        ) : (
          <Message error={plate.error} />
        ))}
      {plate.data && (
        <>
          <div className="mt-3 flex flex-wrap gap-x-8 gap-y-3">
            {plate.data.positions.map((p) => (
              <figure key={p.phase}>
                <div className="flex items-end" style={{ height: tallest(plate.data.positions) * fitting(plate.data.positions, 150, 220) }}>
                  <Figure
                    drawing={p.drawing}
                    scale={fitting(plate.data.positions, 150, 220)}
                    label={`${m.name.english}, ${p.title.english.toLowerCase()}`}
                  />
                </div>
                <figcaption className="w-[14rem] text-[0.9rem]">
                  <b>{p.title.english}</b>
                  {clause(p.clause) && <span className="block text-soft">{clause(p.clause)!.text.english}</span>}
                </figcaption>
              </figure>
            ))}
          </div>
          <div className={`mt-4 grid gap-x-8 gap-y-4 md:grid-cols-2 ${isWide(plate.data.faults) ? "" : "xl:grid-cols-3"}`}>
            {pairs(plate.data.faults).map(([good, fault]) => (
              <figure key={fault.clause} className="border-t border-rule pt-2">
                <div className="flex items-end gap-5">
                  <Mark drawing={good} scale={fitting([good, fault], 190, 215)} word="good" label={`${m.name.english}, good`} />
                  <Mark
                    drawing={fault}
                    scale={fitting([good, fault], 190, 215)}
                    word="no rep"
                    label={`${m.name.english}, no rep: ${fault.title.english}`}
                  />
                </div>
                <figcaption className="text-[0.9rem]">{fault.title.english}</figcaption>
              </figure>
            ))}
          </div>
          <p className="mt-2 text-[0.87rem] text-soft">
            Drawn from joint angles on a body of common proportions. The clauses decide on each pose; the figure explains a rule and judges
            no person.
          </p>
        </>
      )}
    </section>
  );
}

function Mark({ drawing, scale, word, label }: { drawing: Schemas["PlateFigure"]; scale: number; word: "good" | "no rep"; label: string }) {
  return (
    <div>
      <Figure drawing={drawing.drawing} scale={scale} label={label} />
      <p className={`text-[0.9rem] font-bold ${word === "good" ? "text-spruce" : "text-brick"}`}>
        <svg viewBox="0 0 16 16" className="mr-1 inline size-3.5" aria-hidden="true">
          {word === "good" ? (
            <circle cx="8" cy="8" r="6" fill="none" stroke="currentColor" strokeWidth="2.4" />
          ) : (
            <path d="M3 3l10 10M13 3L3 13" stroke="currentColor" strokeWidth="2.4" />
          )}
        </svg>
        {word}
      </p>
    </div>
  );
}

/** One scale for figures beside each other: none is higher or wider than asked, so that a body lying down is no smaller than its place. */
const fitting = (figures: Schemas["PlateFigure"][], height: number, width: number) =>
  Math.min(...figures.map((f) => Math.min(height / f.drawing.height, width / f.drawing.width)));

const tallest = (figures: Schemas["PlateFigure"][]) => Math.max(...figures.map((f) => f.drawing.height));

const isWide = (figures: Schemas["PlateFigure"][]) => figures.some((f) => f.drawing.width > f.drawing.height);

const pairs = (faults: Schemas["PlateFigure"][]) =>
  faults.flatMap((f, i) => (f.good || !faults[i - 1] ? [] : [[faults[i - 1]!, f] as const]));
