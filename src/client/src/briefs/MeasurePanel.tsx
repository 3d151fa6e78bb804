import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useId, useRef, useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { Field } from "../ui/Field";
import { Message } from "../ui/Message";

const units = { Millimetre: "mm", Centimetre: "cm", Inch: "in" } as const;
type Unit = keyof typeof units;

/** Type what the tape shows, see where the line lies, write it down: the sheet below fills row by row. */
export function MeasurePanel({ wid }: { wid: string }) {
  const client = useQueryClient();
  const found = useQuery(queries.measurements(wid));
  const [place, setPlace] = useState("");
  const [athlete, setAthlete] = useState("");
  const [typed, setTyped] = useState("");
  const [unit, setUnit] = useState<Unit>("Millimetre");
  const [by, setBy] = useState("");
  const [refused, setRefused] = useState<Refused | null>(null);
  const [said, setSaid] = useState("");
  // A repeated sending of the same reading is one reading; another one after a lost answer is not.
  const sent = useRef({ id: "", of: "" });
  const first = useRef<HTMLDivElement>(null);
  const id = useId();
  const settled = useSettled(typed.trim(), 150);
  const places = found.data?.places ?? [];
  const key = places.some((p) => p.key === place) ? place : (places[0]?.key ?? "");
  const line = useQuery({
    ...queries.line(wid, { place: key, typed: settled, unit }),
    enabled: key !== "" && settled !== "",
  });
  if (!found.data || places.length === 0) return null;
  const chosen = places.find((p) => p.key === key)!;
  const wrong = refused?.at("typed") ?? (settled !== "" && line.error instanceof Refused ? line.error.at("typed") : undefined);
  const write = async () => {
    setSaid("");
    const reading = { place: key, athlete, typed, unit, by };
    const of = JSON.stringify(reading);
    if (sent.current.of !== of) sent.current = { id: crypto.randomUUID(), of };
    try {
      const all = await ask(
        api.POST("/api/workouts/{id}/measurements", { params: { path: { id: wid } }, body: { id: sent.current.id, ...reading } }),
      );
      sent.current = { id: "", of: "" };
      client.setQueryData(queries.measurements(wid).queryKey, all);
      void changed.measurements(wid);
      setSaid(`${athlete.trim()}: written down.`);
      setRefused(null);
      // What was typed meanwhile is the next reading.
      setAthlete((now) => (now === athlete ? "" : now));
      setTyped((now) => (now === typed ? "" : now));
      first.current?.querySelector("input")?.focus();
    } catch (e) {
      setRefused(e instanceof Refused ? e : null);
    }
  };
  return (
    <section aria-labelledby={`${id}-h`} className="off-paper mx-auto mb-4 max-w-[236mm] border-b border-rule pb-3">
      <h2 id={`${id}-h`} className="section-head">
        Measure
      </h2>
      <form
        className="mt-2 flex flex-wrap items-start gap-x-3 gap-y-2"
        onSubmit={(e) => {
          e.preventDefault();
          void write();
        }}
      >
        {places.length > 1 && (
          <label className="block font-semibold">
            What
            <select className="mt-0.5 block" value={key} onChange={(e) => setPlace(e.target.value)}>
              {places.map((p) => (
                <option key={p.key} value={p.key}>
                  {named(p)}
                </option>
              ))}
            </select>
          </label>
        )}
        <div ref={first} className="w-44">
          <Field label="Athlete" value={athlete} onChange={setAthlete} error={refused?.at("athlete")} />
        </div>
        <div className="w-32">
          <Field
            label="Tape shows"
            value={typed}
            onChange={(v) => {
              setTyped(v);
              setRefused(null);
            }}
            error={wrong}
          />
        </div>
        <label className="block font-semibold">
          Unit
          <select className="mt-0.5 block" value={unit} onChange={(e) => setUnit(e.target.value as Unit)}>
            {(Object.keys(units) as Unit[]).map((u) => (
              <option key={u} value={u}>
                {units[u]}
              </option>
            ))}
          </select>
        </label>
        <p className="w-44" role="status">
          <span className="block font-semibold">The {chosen.sets.english} lies at</span>
          <span className="block pt-1 text-[1.25rem] font-bold text-spruce">
            {settled !== "" && line.data ? `${line.data.millimetres} mm · ${line.data.tape} in` : "–"}
          </span>
        </p>
        <div className="w-36">
          <Field label="Measured by" value={by} onChange={setBy} error={refused?.at("by")} />
        </div>
        <button className="press mt-6">Write down</button>
      </form>
      <p className="mt-1 text-[0.9rem] text-soft">
        Mark: {chosen.marked.english}.{" "}
        {chosen.amount && chosen.amount.value !== 0 && (
          <>
            The {chosen.sets.english} lies {chosen.amount.value} {unitWord(chosen.amount.unit)} {chosen.above ? "above" : "below"} it.
          </>
        )}{" "}
        {chosen.for.length > 0 && <>For {chosen.for.join(", ")}. </>}A mark that is measured again is another row; both stay.{" "}
        <span role="status" className="font-semibold text-spruce">
          {said}
        </span>
      </p>
      {refused && Object.keys(refused.errors).length === 0 && <Message error={refused} retry={() => void write()} />}
      {refused?.at("place") && (
        <p role="alert" className="field-error">
          {refused.at("place")}
        </p>
      )}
    </section>
  );
}

const named = (p: Schemas["MeasuredPlace"]) => `${p.name.english}: ${p.sets.english}${p.for.length ? `, ${p.for.join(", ")}` : ""}`;

const unitWord = (unit: Schemas["LengthUnit"] | undefined) =>
  (({ Millimetre: "mm", Centimetre: "cm", Metre: "m", Inch: "in", Foot: "ft" }) as Record<string, string>)[String(unit)] ?? String(unit);

/** What was typed once typing has paused. */
function useSettled(value: string, pause: number) {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), pause);
    return () => clearTimeout(timer);
  }, [value, pause]);
  return settled;
}
