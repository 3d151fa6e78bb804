import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { useResults } from "./useResults";
import { View, ViewChoice } from "./View";

/** The results for everybody, on a phone first. */
export function PublicPage() {
  const { cid = "" } = useParams();
  const { get, set } = useAddress();
  const { found, live } = useResults(cid);
  const statement = useQuery(queries.publicStatement(cid)).data?.statement;
  if (found.isPending) return <Loading what="the results" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const results = found.data;
  const what = get("of") || results.workouts[0]?.workout || "overall";
  return (
    <main className="mx-auto max-w-[60rem] px-4 py-5">
      <p className="text-soft">
        <bdi>{results.competition}</bdi>
      </p>
      <h1>Results</h1>
      <div className="mt-3">
        <ViewChoice results={results} what={what} division={get("division")} set={set} />
      </div>
      <View results={results} what={what} division={get("division")} why={(w, entry) => `/results/${cid}/why/${w}/${entry}`} />
      <p className="off-paper mt-6 flex flex-wrap gap-x-5">
        <span className="text-soft" role="status">
          {live ? "Changes by itself." : "Looks for changes every minute."}
        </span>
        <Link className="act" to={`/papers/${cid}`}>
          The rules
        </Link>
        <Link className="act" to={`/times/${cid}`}>
          Times
        </Link>
        {statement && (
          <Link className="act" to={`/results/${cid}/statement`}>
            How far they can be compared
          </Link>
        )}
      </p>
    </main>
  );
}
