import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { statementIs } from "../api/resultQueries";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { Statement } from "./Statement";

/** The statement for the head judge, who may let everybody read it. */
export function StatementPage() {
  const { cid = "" } = useParams();
  const { get } = useAddress();
  const seed = /^\d{1,9}$/.test(get("seed")) ? Number(get("seed")) : 1;
  const found = useQuery(queries.statement(cid, seed));
  if (found.isPending) return <Loading what="the statement" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  return (
    <main className="px-6 py-4">
      <Publishing cid={cid} statement={found.data} />
      <Statement statement={found.data} />
    </main>
  );
}

function Publishing({ cid, statement: { published, seed } }: { cid: string; statement: Schemas["StatementShown"] }) {
  const [failed, setFailed] = useState<unknown>(null);
  const params = { path: { id: cid } };
  const done = (work: Promise<unknown>) => {
    setFailed(null);
    work.catch(setFailed).finally(() => void statementIs(cid));
  };
  return (
    <div className="off-paper mb-3 max-w-3xl border-b border-rule pb-3">
      <p>
        {published ? (
          <>
            Whoever reads the results can read it{" "}
            <Link className="act" to={`/results/${cid}/statement`}>
              beside them
            </Link>
            , as the cards stand, with the seed {published.seed}.
          </>
        ) : (
          "Only you and the organiser can read it. It names athletes and no judge."
        )}
      </p>
      <p className="mt-1 flex flex-wrap gap-4">
        {published?.seed !== seed && (
          <button
            className="press-plain"
            onClick={() => done(ask(api.PUT("/api/competitions/{id}/statement/published", { params, body: { seed } })))}
          >
            {published ? `Publish with the seed ${seed}` : "Publish"}
          </button>
        )}
        {published && (
          <button className="act" onClick={() => done(ask(api.DELETE("/api/competitions/{id}/statement/published", { params })))}>
            Take it back
          </button>
        )}
      </p>
      {failed !== null && <Message error={failed} />}
    </div>
  );
}
