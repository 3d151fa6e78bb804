import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, Refused, type Schemas } from "../api/client";
import { resultsAre } from "../api/resultQueries";
import { useRights } from "../day/useRights";
import { Field } from "../ui/Field";
import { Leaf } from "../ui/Leaf";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { RulesLeaf } from "./RulesLeaf";
import { UnderLeaf } from "./UnderLeaf";
import { useResults } from "./useResults";
import { View, ViewChoice } from "./View";

/** The results as they stand, for those who make them: what is in the way of making them final, and making them so. */
export function ResultsPage() {
  const { cid = "" } = useParams();
  const { get, set } = useAddress();
  const may = useRights(cid);
  const { found, live } = useResults(cid);
  const [leaf, setLeaf] = useState<"rules" | "under" | null>(null);
  if (found.isPending) return <Loading what="the results" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const results = found.data;
  const what = get("of") || results.workouts[0]?.workout || "overall";
  const workout = results.workouts.find((w) => w.workout === what);
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>Results</h1>
        <ViewChoice results={results} what={what} division={get("division")} set={set} />
      </div>
      <p className="off-paper mt-2 flex flex-wrap gap-x-5 gap-y-1">
        <span className="text-soft" role="status">
          {live ? "Follows what the desk types." : "Looks every minute for what the desk has typed."}
        </span>
        <Link className="act" to={`/results/${cid}`}>
          As everybody reads them
        </Link>
        <Link className="act" to={`/hall/${cid}`}>
          For the hall’s screen
        </Link>
        <a className="act" href={`/api/competitions/${cid}/results/table`} download>
          As CSV
        </a>
        <a className="act" href={`/api/competitions/${cid}/results/page`} download>
          As one page of HTML
        </a>
        {may("Look") && (
          <a className="act" href={`/api/competitions/${cid}/results/facts`} download>
            With every fact, as JSON
          </a>
        )}
        {may("DecideResults") && (
          <>
            <button className="act" onClick={() => setLeaf("rules")}>
              What makes them final
            </button>
            {workout && (
              <button className="act" onClick={() => setLeaf("under")}>
                Other rules
              </button>
            )}
          </>
        )}
      </p>
      <View
        results={results}
        what={what}
        division={get("division")}
        why={(w, entry) => `/c/${cid}/why/${w}/${entry}`}
        beside={(w, standing) =>
          may("DecideResults") && <Finish cid={cid} seq={results.seq} workout={w.workout} title={w.title} standing={standing} />
        }
      />
      {leaf === "rules" && <RulesLeaf cid={cid} rules={results.rules} onClose={() => setLeaf(null)} />}
      {leaf === "under" && workout && <UnderLeaf cid={cid} results={results} workout={workout} onClose={() => setLeaf(null)} />}
    </main>
  );
}

/** Makes the results of a division final, or opens them again with a reason. */
function Finish({
  cid,
  seq,
  workout,
  title,
  standing,
}: {
  cid: string;
  seq: number;
  workout: string;
  title: string;
  standing: Schemas["Standing"];
}) {
  const [opening, setOpening] = useState(false);
  const [reason, setReason] = useState("");
  const [failed, setFailed] = useState<Refused | null>(null);
  const [saveId, setSaveId] = useState(() => crypto.randomUUID());
  const send = async (again: boolean) => {
    setFailed(null);
    const common = { saveId, seq, workout, division: standing.division };
    try {
      resultsAre(
        cid,
        again
          ? await ask(api.POST("/api/competitions/{id}/results/again", { params: { path: { id: cid } }, body: { ...common, reason } }))
          : await ask(api.POST("/api/competitions/{id}/results/final", { params: { path: { id: cid } }, body: common })),
      );
      setSaveId(crypto.randomUUID());
      setOpening(false);
      setReason("");
    } catch (e) {
      setFailed(e as Refused);
    }
  };
  const about = `${title}, ${standing.division}`;
  return (
    <span className="off-paper">
      {standing.state === "Ready" && (
        <button className="press" onClick={() => void send(false)}>
          Make final<span className="sr-only">: {about}</span>
        </button>
      )}
      {standing.state === "Final" && (
        <>
          <a className="act mr-4" href={`/api/competitions/${cid}/results/final/${standing.code}`} download>
            As made final<span className="sr-only">: {about}</span>
          </a>
          <button className="act" onClick={() => setOpening(true)}>
            Open again<span className="sr-only">: {about}</span>
          </button>
        </>
      )}
      {failed && !opening && <Message error={failed} />}
      <Leaf
        open={opening}
        onClose={() => setOpening(false)}
        title={`Open again: ${about}`}
        lead="What was made final stays kept with its code. The results are provisional until they are made final once more."
      >
        <form
          onSubmit={(e) => {
            e.preventDefault();
            void send(true);
          }}
        >
          <Field label="Reason" value={reason} onChange={setReason} error={failed?.at("reason")} />
          {failed && !failed.at("reason") && <Message error={failed} />}
          <button className="press mt-3">Open again</button>
        </form>
      </Leaf>
    </span>
  );
}
