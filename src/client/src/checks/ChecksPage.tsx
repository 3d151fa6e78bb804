import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, Refused } from "../api/client";
import { useQuery } from "@tanstack/react-query";
import { changed, queries } from "../api/queries";
import { KitMend } from "../competition/KitMend";
import { FromTheDryRun } from "../dryrun/FromTheDryRun";
import { Loading, Message } from "../ui/Message";
import { Severity } from "../ui/Severity";
import { Waive } from "../ui/Waive";

/** Everything open in every workout, in the order of the text. */
export function ChecksPage() {
  const { cid = "" } = useParams();
  const overview = useQuery(queries.overview(cid));
  const [removed, setRemoved] = useState(() => {
    const kept = sessionStorage.getItem("removed");
    sessionStorage.removeItem("removed");
    return kept ? (JSON.parse(kept) as { id: string; title: string }) : null;
  });
  const [objection, setObjection] = useState("");
  if (overview.isPending) return <Loading what="the checks" />;
  if (overview.isError)
    return (
      <main className="p-6">
        <Message error={overview.error} retry={() => void overview.refetch()} />
      </main>
    );
  const workouts = overview.data.workouts;
  const open = workouts.filter((w) => w.findings.some((f) => !f.waived));
  const standing = workouts.filter((w) => w.findings.some((f) => f.waived));
  const waive = async (id: string, rule: string, reason: string | null) => {
    try {
      const { revision } = await ask(api.GET("/api/workouts/{id}", { params: { path: { id } } }));
      await ask(
        api.POST("/api/workouts/{id}/edit", {
          params: { path: { id } },
          body: { baseRevision: revision, saveId: crypto.randomUUID(), command: { kind: "waive", rule, reason } },
        }),
      );
      await changed.workouts(cid);
      return null;
    } catch (e) {
      return e instanceof Refused ? (e.at("command.reason") ?? e.at("command.rule") ?? e.title) : "This could not be said.";
    }
  };
  const bring = async () => {
    await ask(api.PUT("/api/workouts/{id}/removed", { params: { path: { id: removed!.id } }, body: { removed: false } }));
    setRemoved(null);
    await changed.workouts(cid);
  };
  return (
    <main className="px-6 py-4">
      <h1>Checks</h1>
      {removed && (
        <p role="status" className="mt-2 border-l-4 border-spruce bg-sheet px-4 py-2">
          <bdi>{removed.title}</bdi> was removed.{" "}
          <button className="act" onClick={() => void bring()}>
            Bring it back
          </button>
        </p>
      )}
      <p className="mt-1 text-soft">
        {workouts.length === 0
          ? "There is no workout to check yet."
          : open.length === 0
            ? "Nothing is missing or contradictory in any workout."
            : `${open.length} of ${workouts.length} workouts have something open.`}
      </p>
      {open.map((w) => (
        <section key={w.id} className="mt-5" aria-label={w.title}>
          <div className="section-head">
            <h2>
              <Link to={`/c/${cid}/w/${w.id}`}>
                <bdi>{w.title || "Untitled"}</bdi>
              </Link>
            </h2>
            <Link className="act" to={`/c/${cid}/w/${w.id}`}>
              Open the draft
            </Link>
          </div>
          <table className="ruled">
            <thead className="sr-only">
              <tr>
                <th scope="col">Line</th>
                <th scope="col">How much it matters</th>
                <th scope="col">What and why</th>
              </tr>
            </thead>
            <tbody>
              {w.findings
                .filter((f) => !f.waived)
                .map((f) => (
                  <tr key={f.key + f.at.line} className="max-md:block max-md:border-b max-md:border-rule max-md:py-1">
                    <td className="w-20 max-md:inline-block max-md:border-0">
                      <Link to={`/c/${cid}/w/${w.id}?line=${f.at.line}`}>line {f.at.line}</Link>
                    </td>
                    <td className="w-44 max-md:inline-block max-md:border-0">
                      <Severity of={f.severity} />
                    </td>
                    <td className="max-md:block max-md:border-0">
                      {f.sentence} <span className="text-soft">{f.why}</span>
                      {(f.kitMends ?? []).map((m) => (
                        <KitMend key={m.label} cid={cid} mend={m} onAdded={() => void overview.refetch()} />
                      ))}
                      {f.severity !== "MustFix" && f.rule !== "waiver-misfit" && (
                        <Waive rule={f.rule} onWaive={(rule, reason) => waive(w.id, rule, reason)} />
                      )}
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </section>
      ))}
      {standing.length > 0 && (
        <section className="mt-5" aria-label="Let stand">
          <div className="section-head">
            <h2>Let stand</h2>
          </div>
          <table className="ruled">
            <tbody>
              {standing.flatMap((w) =>
                w.findings
                  .filter((f) => f.waived)
                  .map((f) => (
                    <tr key={w.id + f.key + f.at.line}>
                      <th scope="row" className="w-52 font-normal">
                        <Link to={`/c/${cid}/w/${w.id}?line=${f.at.line}`}>
                          <bdi>{w.title || "Untitled"}</bdi>, line {f.at.line}
                        </Link>
                      </th>
                      <td>
                        {f.sentence} <span className="text-soft">Because:</span> <bdi>{f.waived}</bdi>{" "}
                        <button
                          className="act"
                          onClick={() => void waive(w.id, f.rule, null).then((objection) => setObjection(objection ?? ""))}
                        >
                          Look at it again
                        </button>
                      </td>
                    </tr>
                  )),
              )}
            </tbody>
          </table>
        </section>
      )}
      {objection && (
        <p role="alert" className="field-error">
          {objection}
        </p>
      )}
      <FromTheDryRun cid={cid} workouts={workouts} />
    </main>
  );
}
