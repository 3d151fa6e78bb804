import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Refused, Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Papers } from "../briefs/Paper";
import { Message } from "../ui/Message";
import { dayOf, dayWords, hour } from "./localTime";
import { byId, entryName, groupsOf } from "./names";

/** The heat sheet for caller, door and crew, and behind it a card for each run. */
export function HeatSheet({
  cid,
  heat,
  title,
  cards,
  entries,
  officials,
  print,
  failed,
}: {
  cid: string;
  heat: Schemas["Heat"];
  title: string;
  cards: Schemas["Card"][];
  entries: readonly Schemas["StoredEntry"][];
  officials: readonly Schemas["Official"][];
  print: (() => void) | undefined;
  failed: Refused | null;
}) {
  const who = byId(entries, officials);
  const kit = useQuery(queries.heatKit(cid, heat.id)).data ?? [];
  const papers = useQuery({ ...queries.cardPapers(cid, heat.id), enabled: cards.length > 0 });
  return (
    <main className="px-6 py-4 print:p-0">
      <div className="off-paper flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <Link className="act" to={`/c/${cid}/cards`}>
          All cards
        </Link>
        {print && cards.length < heat.lanes.length && (
          <button className="press" onClick={print}>
            Make the cards
          </button>
        )}
        <button className="press-plain" onClick={() => window.print()}>
          Print
        </button>
      </div>
      {failed && (
        <div className="off-paper mt-3">
          <Message error={failed} />
          {failed.at("heats") && <p className="field-error">{failed.at("heats")}</p>}
        </div>
      )}
      <section className="heat-sheet mt-3 print:break-after-page" aria-labelledby="sheet">
        <h1 id="sheet">
          <bdi>{title}</bdi>, heat {heat.number}
        </h1>
        <p className="text-lg">
          {dayWords(dayOf(heat.starts))}, clock starts at <b className="mono">{hour(heat.starts)}</b>, ends at{" "}
          <span className="mono">{hour(heat.ends!)}</span>
        </p>
        <table className="ruled mt-3">
          <thead>
            <tr>
              <th scope="col">Lane</th>
              <th scope="col" className="max-md:hidden print:table-cell">
                Number
              </th>
              <th scope="col">Who</th>
              <th scope="col" className="max-md:hidden print:table-cell">
                Division
              </th>
              <th scope="col">Judge</th>
              <th scope="col" className="max-md:hidden print:table-cell">
                Card
              </th>
            </tr>
          </thead>
          <tbody>
            {heat.lanes.map((l) => {
              const e = who.entry(l.entry);
              const card = cards.find((c) => c.entry === l.entry);
              return (
                <tr key={l.lane}>
                  <th scope="row" className="mono text-lg">
                    {l.lane}
                  </th>
                  <td className="mono max-md:hidden print:table-cell">{e?.bib}</td>
                  <td>
                    <span className="mono text-soft md:hidden print:hidden">{e?.bib} </span>
                    <bdi className="font-semibold">{entryName(e)}</bdi>
                    {e && e.members.length > 1 && (
                      <span className="block">
                        <bdi>{e.members.map((m) => m.name).join(", ")}</bdi>
                      </span>
                    )}
                    <span className="block text-soft">
                      <bdi>{[...new Set(e?.members.map((m) => m.gym))].join(", ")}</bdi>
                    </span>
                  </td>
                  <td className="max-md:hidden print:table-cell">
                    <bdi>{groupsOf([e]).join("")}</bdi>
                  </td>
                  <td>
                    {l.judges.map((j, i) => (
                      <bdi key={i} className="block">
                        {who.judge(j) || "—"}
                      </bdi>
                    ))}
                  </td>
                  <td className="max-md:hidden print:table-cell">
                    {card ? <span className="mono whitespace-nowrap">{card.printed}</span> : <span className="text-soft">none yet</span>}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
        {kit.length > 0 && (
          <>
            <h2 className="mt-5">In the lanes</h2>
            <ul className="md:columns-2 print:columns-2">
              {kit.map((k) => (
                <li key={k.name} className="break-inside-avoid">
                  {k.inALane} × <bdi>{k.name}</bdi>
                  <span className="text-soft">
                    {" "}
                    {k.lanes.length === heat.lanes.length
                      ? "in each lane"
                      : `in ${k.lanes.length === 1 ? "lane" : "lanes"} ${k.lanes.join(", ")}`}
                    , {k.together} in all
                  </span>
                </li>
              ))}
            </ul>
          </>
        )}
      </section>
      {papers.data && <Papers briefs={papers.data} />}
      {papers.isError && <Message error={papers.error} retry={() => void papers.refetch()} />}
    </main>
  );
}
