import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { Loading, Message } from "../ui/Message";
import { calls } from "./calls";
import { FilmView } from "./FilmView";
import { lessMotion } from "./lessMotion";
import { StripView } from "./StripView";
import { TruthView } from "./TruthView";
import { useWords } from "./words";

/** Borderline reps of the own floor, one after the other: called once, then the ruling of the head judge. */
export function FloorPage() {
  const { cid = "" } = useParams();
  const { w, lang, to } = useWords();
  const found = useQuery(queries.nextFloorRep(cid));
  return (
    <main className="mx-auto flex h-dvh max-w-[40rem] flex-col px-4 py-3" lang={lang}>
      <header className="flex items-baseline justify-between gap-4">
        <h1 className="!text-[1.1rem]">{w.floor}</h1>
        <Link className="act whitespace-nowrap" to={to(`/train/${cid}`)}>
          {w.mine}
        </Link>
      </header>
      {found.isPending ? (
        <Loading what="the next rep" />
      ) : found.isError ? (
        <Message error={found.error} retry={() => void found.refetch()} />
      ) : found.data.next ? (
        <Rep key={found.data.next.id} cid={cid} next={found.data.next} />
      ) : (
        <p className="mt-6">{w.calledAll}</p>
      )}
    </main>
  );
}

function Rep({ cid, next: { id, rep, filmed } }: { cid: string; next: Schemas["FloorRepToCall"] }) {
  const { w, say } = useWords();
  const about = (rep ?? filmed)!;
  const [truth, setTruth] = useState<Schemas["TruthShown"] | null>(null);
  const [failed, setFailed] = useState<unknown>(null);
  const [round, setRound] = useState(0);
  const box = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (truth) box.current?.focus();
  }, [truth]);
  const again = () => setRound((n) => n + 1);
  const stills = rep && lessMotion() ? rep.stills : null;
  const call = (what: Schemas["Call"]) => {
    setFailed(null);
    ask(api.POST("/api/competitions/{id}/floor-reps/{rep}/calls", { params: { path: { id: cid, rep: id } }, body: { call: what } })).then(
      setTruth,
      setFailed,
    );
  };
  return (
    <>
      <p className="text-soft">
        <bdi>{say(about.movement)}</bdi>, {w.called(about.number, about.of)}. {say(about.place)}
      </p>
      <div className="min-h-0 flex-1 py-2">
        {filmed ? (
          <StripView
            key={`${round} ${truth ? "half" : ""}`}
            url={`/api/competitions/${cid}/floor-reps/${id}/strip`}
            grid={filmed}
            rate={filmed.rate}
            speed={truth ? 0.5 : 1}
          />
        ) : truth ? (
          <TruthView truth={truth} film={rep!.film} stills={stills} />
        ) : (
          <FilmView key={round} film={rep!.film} stills={stills} />
        )}
      </div>
      {failed !== null && <Message error={failed} />}
      {truth ? (
        <div className="pb-2" role="status">
          {filmed && (
            <p className="text-right">
              <button className="act" onClick={again}>
                {w.half}
              </button>
            </p>
          )}
          <p>
            <b className={truth.right ? "text-spruce" : "text-ochre"}>{truth.right ? w.asCalled : w.otherwise}</b> {say(truth.sentence)}
          </p>
          <button className="press mt-2 !min-h-12 w-full" ref={box} onClick={() => void trainingIs.floor(cid)}>
            {w.next}
          </button>
        </div>
      ) : (
        <div className="pb-2">
          <p className="text-right">
            <button className="act" onClick={again}>
              {w.once}
            </button>
          </p>
          <div className="grid grid-cols-3 gap-2">
            {calls.map(([what, look]) => (
              <button key={what} className={`${look} !min-h-16 !text-[1.1rem]`} onClick={() => call(what)}>
                {w.calls[what]}
              </button>
            ))}
          </div>
        </div>
      )}
    </>
  );
}
