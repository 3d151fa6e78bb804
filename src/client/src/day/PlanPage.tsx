import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { queries } from "../api/queries";
import { Choice } from "../ui/Choice";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { BetterPlan } from "./BetterPlan";
import { DaySheet } from "./DaySheet";
import { HeatLeaf } from "./HeatLeaf";
import { dayOf, dayWords } from "./localTime";
import { MeasuringList } from "./Measuring";
import { PlanSettings } from "./PlanSettings";
import { usePlan } from "./usePlan";
import { useRights } from "./useRights";

/** The days: what runs when, in which lane, before which judge; what the plan does not keep to stands above it. */
export function PlanPage() {
  const { cid = "" } = useParams();
  const may = useRights(cid)("PlanDay");
  const plan = usePlan(cid);
  const { get, set } = useAddress();
  const entries = useQuery(queries.entries(cid)).data?.entries;
  const officials = useQuery(queries.officials(cid)).data;
  if (plan.found.isPending || !entries || !officials) return <Loading what="the days" />;
  if (plan.found.isError)
    return (
      <main className="p-6">
        <Message error={plan.found.error} retry={() => void plan.found.refetch()} />
      </main>
    );
  const shown = plan.found.data;
  const { sessions, heats } = shown.plan;
  const days = [...new Set([...sessions.map((s) => dayOf(s.starts)), ...heats.map((h) => dayOf(h.starts))])].sort();
  const day = days.includes(get("day")) ? get("day") : (days[0] ?? "");
  const heat = heats.find((h) => h.id === get("heat"));
  const changes = shown.difference;
  const linking = shown.linking;
  return (
    <main className="px-6 py-4 print:p-0">
      <div className="off-paper">
        <div className="flex flex-wrap items-end justify-between gap-4">
          <h1>Days</h1>
          {days.length > 1 && <Choice label="Day" value={day} of={days} onChange={(d) => set("day", d)} text={dayWords} />}
        </div>
        {may && <PlanSettings cid={cid} shown={shown} plan={plan} day={day} />}
        {sessions.length === 0 && !may && <p className="mt-4">Nothing is planned yet.</p>}
        {may && sessions.length > 0 && (
          <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
            <button
              className={heats.length ? "press-plain" : "press"}
              disabled={!!plan.busy}
              onClick={() => void plan.make("Heats", "Making the heats")}
            >
              {heats.length ? "Make the heats anew" : "Make the heats"}
            </button>
            {heats.length > 0 && (
              <>
                <button className="press-plain" disabled={!!plan.busy} onClick={() => void plan.make("Gaps", "Mending the plan")}>
                  Mend what has changed
                </button>
                <button className="press-plain" disabled={!!plan.busy} onClick={() => void plan.make("Judges", "Placing the judges")}>
                  Place the judges anew
                </button>
                <button className="act" onClick={() => window.print()}>
                  Print the day
                </button>
                <Link className="act" to={`/c/${cid}/times`}>
                  Times on paper
                </Link>
              </>
            )}
            <span role="status" className="text-soft">
              {plan.busy && `${plan.busy} …`}
            </span>
          </div>
        )}
        {may && heats.length > 0 && <BetterPlan cid={cid} revision={shown.revision} plan={plan} />}
        {plan.failed && !heat && Object.keys(plan.failed.errors).length === 0 && (
          <div className="mt-3">
            <Message error={plan.failed} />
          </div>
        )}
        {changes && changes.words.length > 0 && (
          <details className="mt-3 border-l-4 border-spruce bg-sheet px-4 py-2">
            <summary>
              <b>What the last step has changed</b>: {changes.entries} {changes.entries === 1 ? "entry has" : "entries have"} another heat,
              lane or time, and {changes.judges} {changes.judges === 1 ? "judge" : "judges"}.
            </summary>
            <ul className="mt-1 max-h-60 overflow-y-auto">
              {changes.words.map((w, i) => (
                <li key={i}>
                  <bdi>{w}</bdi>
                </li>
              ))}
            </ul>
          </details>
        )}
        {heats.length > 0 && (
          <p className="mt-3 text-soft">
            {linking.judges} judges, {linking.pairs} pairs; {linking.linked === linking.pairs ? "all" : linking.linked} of them have a heat
            or an athlete in common
            {linking.linked === linking.pairs
              ? ", so each can be compared with each."
              : linking.apart === 1
                ? ", and the others can be compared through them."
                : `; they fall into ${linking.apart} sets that cannot be compared with each other.`}
          </p>
        )}
        {shown.measured.length > 0 && <MeasuringList measured={shown.measured} />}
        {shown.breaches.length > 0 && (
          <details className="mt-3" open={shown.breaches.length < 8}>
            <summary className="font-semibold text-ochre">
              {shown.breaches.length} {shown.breaches.length === 1 ? "thing" : "things"} the plan does not keep to
            </summary>
            <ul className="mt-1 max-h-60 overflow-y-auto">
              {shown.breaches.map((b, i) => (
                <li key={i} className="border-b border-rule py-0.5">
                  {b.heat ? (
                    <button className="act !font-normal !text-ink" onClick={() => set("heat", b.heat!)}>
                      <bdi>{b.sentence}</bdi>
                    </button>
                  ) : (
                    <bdi>{b.sentence}</bdi>
                  )}
                </li>
              ))}
            </ul>
          </details>
        )}
      </div>
      {day && (
        <DaySheet
          shown={shown}
          day={day}
          entries={entries}
          officials={officials}
          open={(id) => set("heat", id)}
          edit={may ? (e) => void plan.edit(e) : undefined}
        />
      )}
      {heats.length > 0 && (
        <p className="off-paper mt-4">
          <Link className="act" to={`/c/${cid}/cards`}>
            Cards of these heats
          </Link>
        </p>
      )}
      {heat && (
        <HeatLeaf
          key={heat.id}
          cid={cid}
          shown={shown}
          heat={heat}
          entries={entries}
          officials={officials}
          plan={plan}
          mayChange={may}
          onClose={() => set("heat", "")}
        />
      )}
    </main>
  );
}
