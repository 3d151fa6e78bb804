import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import type { Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Choice } from "../ui/Choice";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { dayOf, dayWords, hour } from "./localTime";
import { timeTitle } from "./names";

const kinds = ["Gym", "Judge", "Floor"] as const;
const kindWords = { Gym: "a gym", Judge: "a judge", Floor: "a floor, for its crew" } as const;

/** Everybody's times on paper: a sheet a gym, a judge, or a floor. */
export function TimesPapers() {
  const { cid = "" } = useParams();
  const { get, set } = useAddress();
  const by = kinds.find((k) => k === get("by")) ?? "Gym";
  const found = useQuery(queries.timesOfAll(cid, by));
  return (
    <main className="px-6 py-4 print:p-0">
      <div className="off-paper flex flex-wrap items-end justify-between gap-4">
        <h1>Times on paper</h1>
        <Choice label="A sheet" value={by} of={kinds} onChange={(k) => set("by", k === "Gym" ? "" : k)} text={(k) => kindWords[k]} />
        <span className="flex gap-5">
          <button className="press" onClick={() => window.print()}>
            Print
          </button>
          <Link className="act self-center" to={`/c/${cid}/days`}>
            The days
          </Link>
        </span>
      </div>
      {found.isPending && <Loading what="the times" />}
      {found.isError && <Message error={found.error} retry={() => void found.refetch()} />}
      {found.data?.length === 0 && <p className="mt-4">No times yet.</p>}
      {found.data?.map((sheet) => (
        <Sheet key={sheet.name} cid={cid} sheet={sheet} isFloor={by === "Floor"} />
      ))}
    </main>
  );
}

function Sheet({ cid, sheet, isFloor }: { cid: string; sheet: Schemas["TimesOf"]; isFloor: boolean }) {
  const days = [...new Set(sheet.times.map((t) => dayOf(t.starts)))];
  return (
    <section className="mt-6 break-after-page print:mt-0" aria-label={sheet.name}>
      <h2>
        <bdi>{sheet.name}</bdi>
      </h2>
      <p className="text-soft">
        Times of the hall, {sheet.zone}. They can change during the day; the page on the phone has the newest.{" "}
        {isFloor && (
          <Link
            className="act off-paper"
            to={`/times/${cid}?floor=${encodeURIComponent(sheet.name)}`}
            aria-label={`On a phone: ${sheet.name}`}
          >
            On a phone
          </Link>
        )}
      </p>
      {days.map((d) => (
        <table key={d} className="ruled mt-2">
          <caption className="text-left font-semibold">{dayWords(d)}</caption>
          <thead>
            <tr>
              <th scope="col">{isFloor ? "Floor from" : "Ready"}</th>
              <th scope="col">Clock</th>
              <th scope="col">What</th>
              <th scope="col">{isFloor ? "Lanes and changes" : "Who"}</th>
              {!isFloor && (
                <th scope="col" className="max-md:hidden print:table-cell">
                  Where
                </th>
              )}
            </tr>
          </thead>
          <tbody>
            {sheet.times
              .filter((t) => dayOf(t.starts) === d)
              .map((t, i) => (
                <tr key={i}>
                  <td className="mono font-bold">{hour(t.ready)}</td>
                  <td className="mono whitespace-nowrap">
                    {hour(t.starts)} to {hour(t.ends)}
                  </td>
                  <td>
                    <bdi>{timeTitle(t)}</bdi>
                    {t.lane > 0 && <b>, lane {t.lane}</b>}
                    {!isFloor && <bdi className="block text-soft md:hidden print:hidden">{t.floor}</bdi>}
                  </td>
                  <td>
                    <bdi>{t.what}</bdi>
                  </td>
                  {!isFloor && (
                    <td className="max-md:hidden print:table-cell">
                      <bdi>{t.floor}</bdi>
                    </td>
                  )}
                </tr>
              ))}
          </tbody>
        </table>
      ))}
    </section>
  );
}
