import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { Statement, useStatementTongue } from "./Statement";

/** The statement as everybody may read it, on a phone first. */
export function PublicStatementPage() {
  const { cid = "" } = useParams();
  const { w } = useStatementTongue();
  const found = useQuery(queries.publicStatement(cid));
  if (found.isPending) return <Loading what="the statement" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const { statement } = found.data;
  return (
    <main className="mx-auto max-w-[60rem] px-4 py-5">
      {statement ? <Statement statement={statement} /> : <h1>{w.none}</h1>}
      <p className="off-paper mt-6">
        <Link className="act" to={`/results/${cid}`}>
          {w.results}
        </Link>
      </p>
    </main>
  );
}
