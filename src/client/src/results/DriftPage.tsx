import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";

const shares = ["0.01", "0.05", "0.1", "0.2"] as const;

const kinds: Record<Schemas["DriftKind"], string> = {
  TooFew: "too few to say",
  Ordinary: "",
  Strict: "strict",
  Lenient: "lenient",
};

/** Which judges, lanes and heats see more or fewer no-reps than others would have, athletes and work accounted for; nobody is ranked. */
export function DriftPage() {
  const { cid = "" } = useParams();
  const { get, set } = useAddress();
  const alarms = shares.find((s) => s === get("alarms")) ?? "0.05";
  const found = useQuery(queries.drift(cid, Number(alarms)));
  if (found.isPending) return <Loading what="the tallies" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const { judges, lanes, unsaid, funnel = [], heats = [] } = found.data;
  return (
    <main className="px-6 py-4">
      <h1>Drift</h1>
      <p className="mt-2 max-w-3xl">
        No-reps from the cards, against what an ordinary judge would have called of the same athletes at the same work. The mark is the best
        guess, drawn towards 1 the less was watched and the less judges differ at all; the bar is what the own cards say alone, and holds
        the true number 95 times in 100. Nothing here changes a score: speak to a judge, swap at the break, look at the lane.
      </p>
      <label className="off-paper mt-3 block">
        Of those who are flagged, this share may be flagged by chance{" "}
        <select value={alarms} onChange={(e) => set("alarms", e.target.value)}>
          {shares.map((s) => (
            <option key={s} value={s}>
              {Math.round(Number(s) * 100)} in 100
            </option>
          ))}
        </select>
      </label>
      <p className="off-paper mt-2">
        <Link className="act" to={`/c/${cid}/statement`}>
          How far these scores can be compared
        </Link>
      </p>
      {unsaid.length > 0 && (
        <ul className="mt-3 max-w-3xl text-ochre">
          {unsaid.map((u) => (
            <li key={u}>{u}</li>
          ))}
        </ul>
      )}
      {judges.length > 0 && <Table head="Judges, by name" lines={judges} />}
      {funnel.length > 0 && <Funnel limits={funnel} judges={judges} />}
      {lanes.length > 0 && <Table head="Lanes" lines={lanes} />}
      {heats.length > 0 && <Heats lines={heats} />}
    </main>
  );
}

/** Heats are many: where none stands out they are folded away, and paper has only the line. */
function Heats({ lines }: { lines: readonly Schemas["DriftLine"][] }) {
  const head = "Heats, in the order of time";
  if (lines.some((l) => kinds[l.drift.kind] && l.drift.kind !== "TooFew")) return <Table head={head} lines={lines} />;
  return (
    <details className="mt-5 max-w-5xl">
      <summary className="cursor-pointer">
        {lines.length === 1 ? "One heat: it does not stand out" : `${lines.length} heats: none stands out`}
      </summary>
      <Table head={head} lines={lines} />
    </details>
  );
}

function Table({ head, lines }: { head: string; lines: readonly Schemas["DriftLine"][] }) {
  return (
    <section className="mt-5 max-w-5xl" aria-label={head}>
      <h2 className="section-head">{head}</h2>
      <table className="ruled mt-1">
        <thead>
          <tr>
            <th scope="col">Who</th>
            <th scope="col">No-reps, times an ordinary judge’s</th>
            <th scope="col" className="max-md:hidden print:table-cell">
              In words
            </th>
          </tr>
        </thead>
        <tbody>
          {lines.map((l) => (
            <tr key={l.name}>
              <td className="md:min-w-32 print:min-w-24">
                <bdi className="font-semibold">{l.name}</bdi>
                <span className={l.drift.kind === "TooFew" ? "block text-soft" : "block font-semibold text-ochre"}>
                  {kinds[l.drift.kind]}
                </span>
              </td>
              <td className="w-64">
                {l.drift.kind !== "TooFew" && <Interval drift={l.drift} />}
                <div className="text-soft md:hidden print:hidden">
                  <Words line={l} />
                </div>
              </td>
              <td className="text-soft max-md:hidden print:table-cell">
                <Words line={l} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What is said of a judge or lane, and for a flagged judge in whose results it may have come to most. */
function Words({ line: l }: { line: Schemas["DriftLine"] }) {
  return (
    <>
      {l.sentence} {l.advice && <b className="font-normal text-ink">{l.advice}</b>}
      {!!l.costs?.length && (
        <ul aria-label={`Where the calls of ${l.name} may have come to most`}>
          {l.costs.map((c) => (
            <li key={c.workout + c.score + c.name}>
              <bdi>{c.workout}</bdi>, {c.score}: <bdi>{c.name}</bdi>, some {Math.abs(c.noReps).toFixed(1)} no-reps{" "}
              {c.noReps > 0 ? "more" : "fewer"}
              {c.seconds !== null && `, ${Math.abs(c.seconds).toFixed(0)} s`}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/**
 * The funnel, for the eye: the more no-reps were to be expected, the narrower chance alone keeps their ratio. It does not know that
 * athletes differ, so a mark outside it is no flag by itself.
 */
function Funnel({ limits, judges }: { limits: readonly Schemas["FunnelAt"][]; judges: readonly Schemas["DriftLine"][] }) {
  const most = limits.at(-1)!.expected;
  const x = (expected: number) => 30 + (370 * Math.log(Math.max(1, expected))) / Math.log(most);
  const y = (ratio: number) => 190 - 180 * Math.min(1, ratio / 4);
  const line = (of: (f: Schemas["FunnelAt"]) => number) => limits.map((f) => `${x(f.expected)},${y(of(f))}`).join(" ");
  return (
    <figure className="mt-5 max-w-2xl break-inside-avoid">
      <svg viewBox="0 0 410 210" className="w-full" role="img" aria-label="No-reps against those to be expected, judge by judge">
        {[0, 1, 2, 3, 4].map((r) => (
          <g key={r}>
            <line x1="30" x2="400" y1={y(r)} y2={y(r)} stroke="var(--color-rule)" strokeWidth={r === 1 ? 1.6 : 0.6} />
            <text x="24" y={y(r) + 3} textAnchor="end" fontSize="9" fill="var(--color-soft)">
              {r}
            </text>
          </g>
        ))}
        <polyline points={line((f) => f.low)} fill="none" stroke="var(--color-soft)" strokeDasharray="5 4" />
        <polyline points={line((f) => f.high)} fill="none" stroke="var(--color-soft)" strokeDasharray="5 4" />
        {judges
          .filter((j) => j.drift.expected >= 1)
          .map((j) => (
            <path
              key={j.name}
              d={`M${x(j.drift.expected)} ${y(j.drift.noReps / j.drift.expected) - 4}l4 4-4 4-4-4z`}
              fill={["Strict", "Lenient"].includes(j.drift.kind) ? "var(--color-ochre)" : "var(--color-ink)"}
            >
              <title>{j.name}</title>
            </path>
          ))}
        <text x="400" y="206" textAnchor="end" fontSize="9" fill="var(--color-soft)">
          no-reps to be expected: 1 to {Math.round(most)}
        </text>
      </svg>
      <figcaption className="text-[0.9rem] text-soft">
        No-reps of each judge, times those to be expected. Between the broken lines chance alone keeps 95 in 100; that athletes differ is
        not in it, so a mark outside is no flag by itself.
      </figcaption>
    </figure>
  );
}

/** A quarter to four times, by equal factors. */
const at = (times: number) => 100 * Math.min(1, Math.max(0, (Math.log2(times) + 2) / 4));

function Interval({ drift }: { drift: Schemas["Drift"] }) {
  const said = `${drift.times.toFixed(2)} times, ${drift.low.toFixed(2)} to ${drift.high.toFixed(2)}`;
  return (
    <>
      <svg viewBox="0 0 100 10" className="h-5 w-full" role="img" aria-label={said} preserveAspectRatio="none">
        <line x1="50" x2="50" y1="0" y2="10" stroke="var(--color-rule)" strokeWidth="0.6" />
        <line x1={at(drift.low)} x2={at(drift.high)} y1="5" y2="5" stroke="var(--color-soft)" strokeWidth="1.6" />
        <line x1={at(drift.times) - 0.8} x2={at(drift.times) + 0.8} y1="5" y2="5" stroke="var(--color-ink)" strokeWidth="5" />
      </svg>
      <span className="mono text-[0.9rem]">{said}</span>
    </>
  );
}
