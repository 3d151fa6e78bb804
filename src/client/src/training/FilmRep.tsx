import { useEffect, useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { sendFile } from "../api/files";
import { FileButton } from "../ui/FileButton";
import { cut, durationOf, type Cut } from "./cutFilm";
import { RuleOf } from "./RuleOf";
import { Ruling, type Ruled } from "./Ruling";
import { StripView } from "./StripView";
import { objectionTo } from "./strip";

/** A borderline rep from a film of the own floor: some seconds of it are taken as pictures, and ruled on. */
export function FilmRep({ cid, films, limits }: { cid: string } & Pick<Schemas["FloorReps"], "films" | "limits">) {
  const video = useRef<HTMLVideoElement>(null);
  const [url, setUrl] = useState<string | null>(null);
  const [ready, setReady] = useState(false);
  const [taken, setTaken] = useState<Cut | null>(null);
  const [round, setRound] = useState(0);
  const [busy, setBusy] = useState("");
  const [refused, setRefused] = useState("");
  const [movement, setMovement] = useState(films[0]?.movement ?? "");
  const clauses = films.find((f) => f.movement === movement)?.clauses ?? [];
  const [chosen, setClause] = useState("");
  const clause = clauses.find((c) => c.clause === chosen) ?? clauses[0];
  const [id, setId] = useState("");
  useEffect(() => () => void (url && URL.revokeObjectURL(url)), [url]);
  const open = (file: File | null) => {
    setReady(false);
    setTaken(null);
    setRefused("");
    setUrl(file && URL.createObjectURL(file));
  };
  const look = async (film: HTMLVideoElement) => {
    const why = objectionTo(await durationOf(film), limits);
    // Another film was chosen meanwhile.
    if (film !== video.current) return;
    if (!why) return setReady(true);
    setUrl(null);
    setRefused(why);
  };
  const take = async () => {
    setRefused("");
    setBusy("Taking the pictures…");
    try {
      setTaken(await cut(video.current!, video.current!.currentTime, limits));
      setRound((n) => n + 1);
      // Other pictures are another rep: what was kept already is not written over, and a retry of the same ones is one.
      setId(crypto.randomUUID());
    } catch (e) {
      setRefused((e as Error).message);
    } finally {
      setBusy("");
    }
  };
  const keep = ({ id: rep, good, ruling }: Ruled) => {
    const said = { rep, movement, clause: clause!.clause, good, ruling, frames: taken!.frames, across: taken!.across };
    const query = new URLSearchParams(Object.entries(said).map(([name, value]) => [name, String(value)]));
    return sendFile(`/api/competitions/${cid}/floor-reps/filmed?${query}`, taken!.file);
  };
  return (
    <details className="off-paper mt-3">
      <summary>Or take it from a film of your own</summary>
      <p className="mt-1 text-soft">
        {limits.most / limits.rate} seconds of it are kept, here and nowhere else, as pictures: no sound, no place, no device. No face is
        needed; film from the neck down, or from behind, and ask whoever is seen.
      </p>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-4">
        <FileButton label={url ? "Choose another film" : "Choose a film"} accept="video/*" className="press-plain" onFile={open} />
        {busy && <span role="status">{busy}</span>}
      </p>
      {refused && (
        <p role="alert" className="field-error mt-1">
          {refused}
        </p>
      )}
      {url && (
        <div className="mt-2 grid max-w-3xl gap-4 sm:grid-cols-2">
          <div>
            <video
              key={url}
              ref={video}
              src={url}
              controls
              muted
              playsInline
              className="h-64 w-full bg-ink"
              aria-label="The film: stop it where the rep begins"
              onLoadedMetadata={(e) => void look(e.currentTarget)}
              onError={() => {
                setUrl(null);
                setRefused(objectionTo(NaN, limits)!);
              }}
            />
            <button type="button" className="press-plain mt-2" disabled={!ready || !!busy} onClick={() => void take()}>
              Take the rep from here
            </button>
          </div>
          {taken && (
            <div>
              <div className="h-64">
                <StripView key={round} url={taken.url} grid={taken} rate={limits.rate} />
              </div>
              <button type="button" className="act mt-2" onClick={() => setRound((n) => n + 1)}>
                Once more
              </button>
            </div>
          )}
        </div>
      )}
      {taken && clause && (
        <Ruling cid={cid} id={id} words={["Ruled", "Why, of the film", "Keep the film"]} keep={keep} kept={() => open(null)}>
          <div className="flex flex-wrap items-end gap-3">
            <RuleOf
              words={["Movement filmed", "Rule it is about"]}
              movement={movement}
              setMovement={setMovement}
              movements={films.map((f) => [f.movement, f.name.english] as const)}
              clause={clause.clause}
              setClause={setClause}
              clauses={clauses}
            />
          </div>
        </Ruling>
      )}
    </details>
  );
}
