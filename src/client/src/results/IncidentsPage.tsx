import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useParams } from "react-router";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";
import { useRights } from "../day/useRights";
import { when } from "../ui/days";
import { Loading, Message } from "../ui/Message";
import { DecideForm } from "./DecideForm";
import { ReportForm } from "./ReportForm";
import { kinds, outcomes } from "./words";

/** Incidents: what happened that no card says, what was decided, and whom a ruling of the day touches. */
export function IncidentsPage() {
  const { cid = "" } = useParams();
  const may = useRights(cid);
  const found = useQuery(queries.incidents(cid));
  const [deciding, setDeciding] = useState(0);
  const [reporting, setReporting] = useState(false);
  if (found.isPending) return <Loading what="the incidents" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const { incidents, rulings, workouts } = found.data;
  const chosen = incidents.find((i) => i.incident.number === deciding);
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>Incidents</h1>
        <button className="press off-paper" disabled={workouts.length === 0} onClick={() => setReporting(true)}>
          Write one down
        </button>
      </div>
      {incidents.length === 0 && (
        <p className="mt-4">None has been written down. Protests, reruns, broken equipment, medical stops, penalties stand here.</p>
      )}
      <ol className="mt-4 max-w-5xl">
        {incidents.map((i) => (
          <li key={i.incident.number} className="border-b border-rule py-3">
            <Line line={i} decide={may("DecideResults") ? () => setDeciding(i.incident.number) : undefined} />
          </li>
        ))}
      </ol>
      {rulings.length > 0 && (
        <section className="mt-8 max-w-5xl" aria-label="Versions of the day">
          <h2 className="section-head">Versions that came after heats were run under an older one</h2>
          <ul>
            {rulings.map((r) => (
              <li key={r.title + r.version} className="border-b border-rule py-2">
                <b>
                  <bdi>{r.title}</bdi>, version {r.version}
                </b>
                , {when(r.at)}
                {r.note && (
                  <>
                    : <bdi>{r.note}</bdi>
                  </>
                )}
                <p className="text-soft">
                  {r.heats.length === 1 ? "Heat" : "Heats"} {r.heats.join(", ")} before it:{" "}
                  {r.names.map((n) => `${n.bib} ${n.name}`).join(", ")}. What it would do to their scores stands under Results, Other rules.
                </p>
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="mt-8 max-w-3xl text-soft">
        A medical stop is for the medical staff of the competition to judge, and nobody runs again without their word. Write down what was
        decided here, not what somebody suffers from. Local rules of the competition go before what this page offers.
      </p>
      {reporting && <ReportForm cid={cid} workouts={workouts} onClose={() => setReporting(false)} />}
      {chosen && (
        <DecideForm
          cid={cid}
          line={chosen}
          scores={workouts.find((w) => w.id === chosen.incident.report.workout)?.scores ?? []}
          onClose={() => setDeciding(0)}
        />
      )}
    </main>
  );
}

function Line({ line, decide }: { line: Schemas["IncidentLine"]; decide?: () => void }) {
  const { incident: i } = line;
  const decided = i.decisions.at(-1);
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2>
          {i.number}. {kinds[i.report.kind]}: <bdi>{line.title}</bdi>
          {line.heat > 0 && `, heat ${line.heat}`}
        </h2>
        <span className={decided ? "text-soft" : line.isOverdue ? "font-semibold text-brick" : "font-semibold text-ochre"}>
          {decided
            ? "decided"
            : line.isOverdue
              ? `open, was to be decided by ${when(i.report.decideBy!)}`
              : `open, to be decided by ${when(i.report.decideBy!)}`}
        </span>
      </div>
      <p>
        <bdi>{line.names.map((n) => `${n.bib} ${n.name}`).join(", ")}</bdi>
      </p>
      <p className="mt-1 max-w-3xl whitespace-pre-line">
        <bdi>{i.report.what}</bdi>
      </p>
      <p className="text-soft">
        {i.report.raisedBy && (
          <>
            said by <bdi>{i.report.raisedBy}</bdi>,{" "}
          </>
        )}
        written down by <bdi>{i.by ?? "somebody"}</bdi>, {when(i.at)}
        {line.isLate && <b className="text-ochre">, after the time to protest was over</b>}
      </p>
      {i.decisions.map((d) => (
        <p key={d.id} className="mt-1 max-w-3xl border-l-4 border-rule pl-3">
          <b>{outcomes[d.decision!.outcome]}</b>
          {d.decision!.changes.map((c) => (
            <span key={c.score}>
              {" "}
              (<bdi>{c.score}</bdi>
              {c.time !== null && `, ${seconds(c.time)}`}
              {c.units !== null && `, ${signed(c.units)}`})
            </span>
          ))}
          : <bdi>{d.decision!.reason}</bdi>
          {d.decision!.rule && (
            <>
              {" "}
              Rule: <bdi>{d.decision!.rule}</bdi>
            </>
          )}
          <span className="block text-soft">
            <bdi>{d.by ?? "somebody"}</bdi>, {when(d.at)}
          </span>
        </p>
      ))}
      {line.others.length > 0 && (
        <p className="mt-1 max-w-3xl text-ochre">
          In the same heat ran <bdi>{line.others.map((n) => `${n.bib} ${n.name}`).join(", ")}</bdi>: would they need the same?
        </p>
      )}
      {decide && (
        <button className="act off-paper mt-1" onClick={decide}>
          {decided ? "Decide anew" : "Decide"}
          <span className="sr-only"> incident {i.number}</span>
        </button>
      )}
    </>
  );
}

const signed = (n: number) => (n > 0 ? `+${n}` : `−${-n}`);
const seconds = (ms: number) => `${ms > 0 ? "+" : "−"}${Math.abs(ms) / 1000} s`;
