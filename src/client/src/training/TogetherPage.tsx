import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { trainingIs } from "../api/trainingQueries";
import { Loading, Message } from "../ui/Message";
import { calls } from "./calls";
import { useWords } from "./words";

/** A phone in the hall: the rep is on the large screen, here it is called. Nobody else sees what was called. */
export function TogetherPage() {
  const { cid = "" } = useParams();
  const { w, lang, to } = useWords();
  const found = useQuery(queries.togetherHere(cid));
  const [failed, setFailed] = useState<unknown>(null);
  if (found.isPending) return <Loading what="the calibration" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const here = found.data.here;
  const call = (what: Schemas["Call"]) => {
    if (!here) return;
    setFailed(null);
    ask(
      api.POST("/api/competitions/{id}/together/{together}/calls/{number}", {
        params: { path: { id: cid, together: here.together.id, number: here.together.shown } },
        body: { call: what },
      }),
    )
      .catch(setFailed)
      .finally(() => void trainingIs.together(cid));
  };
  const t = here?.together;
  return (
    <main className="mx-auto flex min-h-dvh max-w-[34rem] flex-col px-4 py-4" lang={lang}>
      <h1 className="!text-[1.2rem]">{t ? <bdi>{t.what}</bdi> : w.calibration}</h1>
      {!t && <p className="mt-3">{w.notBegun}</p>}
      {t?.shown === 0 && <p className="mt-3">{w.look}</p>}
      {t && t.shown > 0 && (
        <>
          <p className="mt-3 text-[1.6rem] font-bold" role="status">
            {w.rep(t.shown, t.reps)}
          </p>
          <p className="text-soft">{w.lookUp}</p>
          <div className="mt-auto grid gap-3 pb-4">
            {calls.map(([what]) => (
              <button
                key={what}
                className={`${here!.mine === what ? "press" : "press-plain"} !min-h-20 !text-[1.25rem]`}
                aria-pressed={here!.mine === what}
                onClick={() => call(what)}
              >
                {w.calls[what]}
              </button>
            ))}
          </div>
        </>
      )}
      {failed !== null && <Message error={failed} />}
      <p className="pb-2">
        <Link className="act" to={to(`/train/${cid}`)}>
          {w.mine}
        </Link>
      </p>
    </main>
  );
}
