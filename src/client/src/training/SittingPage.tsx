import { useQuery } from "@tanstack/react-query";
import { useEffect, useReducer, useRef, useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { Loading, Message } from "../ui/Message";
import { calls } from "./calls";
import { FilmView } from "./FilmView";
import { after, fresh } from "./sitting";
import { TruthView } from "./TruthView";
import { useWords } from "./words";

/** A sitting: a rep is watched and called, then the next. One hand, or three keys. */
export function SittingPage() {
  const { cid = "", sitting = "" } = useParams();
  const { w, lang, say, to } = useWords();
  const found = useQuery(queries.sitting(cid, sitting));
  const next = useQuery(queries.nextRep(cid, sitting));
  if (found.isPending || next.isPending) return <Loading what="the next rep" />;
  if (found.isError || next.isError)
    return (
      <main className="p-6">
        <Message error={found.error ?? next.error} retry={() => void next.refetch()} />
        <p className="mt-4">
          <Link className="act" to={to(`/train/${cid}`)}>
            {w.mine}
          </Link>
        </p>
      </main>
    );
  const rep = next.data.rep;
  return (
    <main className="mx-auto flex h-dvh max-w-[40rem] flex-col px-4 py-3" lang={lang}>
      <header className="flex items-baseline justify-between gap-4">
        <h1 className="!text-[1.1rem]">
          <bdi>{rep ? say(rep.movement) : found.data.what}</bdi>
        </h1>
        <span className="whitespace-nowrap text-soft">
          {rep ? w.called(rep.number, rep.of) : w.allCalled}, {found.data.mode === "Learning" ? w.learning : w.test}
        </span>
        <Link className="act whitespace-nowrap" to={to(`/train/${cid}`)}>
          {w.stop}
        </Link>
      </header>
      {rep ? (
        <Rep key={rep.number} cid={cid} sitting={sitting} rep={rep} stills={found.data.stills ? rep.stills : null} />
      ) : (
        <div className="mt-6">
          <p>{w.every}</p>
          <p className="mt-4">
            <Link className="press inline-block" to={to(`/train/${cid}`)}>
              {w.mine}
            </Link>
          </p>
        </div>
      )}
    </main>
  );
}

function Rep({
  cid,
  sitting,
  rep,
  stills,
}: {
  cid: string;
  sitting: string;
  rep: Schemas["RepToCall"];
  /** What the sitting was begun with holds for all of it: it is said with what was found. */
  stills: readonly number[] | null;
}) {
  const { w, say } = useWords();
  const [at, happened] = useReducer(after, fresh);
  const [failed, setFailed] = useState<unknown>(null);
  const [again, setAgain] = useState(0);
  const begun = useRef(0);
  const late = useRef(0);
  const box = useRef<HTMLButtonElement>(null);
  const gone = () => Math.max(0, Math.round(performance.now() - begun.current));
  const said = at.is === "sent" ? at.said : null;
  useEffect(() => {
    if (!said) return;
    clearTimeout(late.current);
    let here = true;
    ask(
      api.POST("/api/competitions/{id}/training/sittings/{sitting}/calls/{number}", {
        params: { path: { id: cid, sitting, number: rep.number } },
        body: said,
      }),
    ).then(
      (taken) => {
        if (!here) return;
        happened({ does: "taken", truth: taken.truth });
        if (!taken.truth) void trainingIs.next(cid, sitting);
      },
      (e: unknown) => here && setFailed(e),
    );
    return () => {
      here = false;
    };
  }, [said, cid, sitting, rep.number, again]);
  useEffect(() => () => clearTimeout(late.current), []);
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey) return;
      if (at.is === "watched" && ["1", "2", "3"].includes(e.key))
        happened({ does: "call", call: calls[Number(e.key) - 1]![0], milliseconds: gone() });
      else if (at.is === "asked" && rep.reasons[Number(e.key) - 1])
        happened({ does: "reason", reason: rep.reasons[Number(e.key) - 1]!.clause });
      else if (at.is === "asked" && e.key === "0") happened({ does: "reason", reason: null });
      else return;
      e.preventDefault();
    };
    document.addEventListener("keydown", key);
    return () => document.removeEventListener("keydown", key);
  });
  useEffect(() => {
    if (at.is === "told") box.current?.focus();
  }, [at.is]);
  if (failed !== null)
    return (
      <div className="mt-6">
        <Message
          error={failed}
          retry={() => {
            setFailed(null);
            setAgain((n) => n + 1);
          }}
        />
      </div>
    );
  return (
    <>
      <p className="text-soft">{say(rep.place)}</p>
      <div className="min-h-0 flex-1 py-2">
        {at.is === "told" ? (
          <TruthView truth={at.truth} film={rep.film} stills={stills} />
        ) : (
          <FilmView
            film={rep.film}
            stills={stills}
            started={(now) => (begun.current = now)}
            onEnd={() => {
              late.current = window.setTimeout(() => happened({ does: "late", milliseconds: gone() }), rep.milliseconds);
            }}
          />
        )}
      </div>
      <div className="pb-2">
        {at.is === "watched" && (
          <div className="grid grid-cols-3 gap-2">
            {calls.map(([call, look], i) => (
              <button
                key={call}
                className={`${look} !min-h-16 !text-[1.1rem]`}
                onPointerDown={() => happened({ does: "call", call, milliseconds: gone() })}
                onClick={() => happened({ does: "call", call, milliseconds: gone() })}
              >
                {w.calls[call]} <span className="font-normal opacity-80 max-md:hidden">{i + 1}</span>
              </button>
            ))}
          </div>
        )}
        {at.is === "asked" && (
          <div role="group" aria-label={w.why}>
            <div className="grid grid-cols-2 gap-2">
              {rep.reasons.map((r, i) => (
                <button
                  key={r.clause}
                  className="press-plain !min-h-12 text-left"
                  onClick={() => happened({ does: "reason", reason: r.clause })}
                >
                  {say(r.call)} <span className="font-normal text-soft max-md:hidden">{i + 1}</span>
                </button>
              ))}
              <button className="press-plain !min-h-12 text-left !font-normal" onClick={() => happened({ does: "reason", reason: null })}>
                {w.else} <span className="text-soft max-md:hidden">0</span>
              </button>
            </div>
          </div>
        )}
        {at.is === "told" && (
          <div role="status">
            <p>
              <b className={at.truth.right ? "text-spruce" : "text-ochre"}>{at.truth.right ? w.asCalled : w.otherwise}</b>{" "}
              {say(at.truth.sentence)}
            </p>
            <p className="mt-2">
              <button ref={box} className="press !min-h-12 w-full" onClick={() => void trainingIs.next(cid, sitting)}>
                {w.next}
              </button>
            </p>
          </div>
        )}
        {(at.is === "sent" || at.is === "over") && <p className="text-soft">{w.sent}</p>}
      </div>
    </>
  );
}
