import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Refused, Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Papers } from "../briefs/Paper";
import { Choice } from "../ui/Choice";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { dayOf, dayWords } from "./localTime";
import { byId, entryName, groupsOf } from "./names";

/** The heat sheet for caller, door and crew, and behind it a card for each run. */
export function HeatSheet({
  cid,
  heat,
  cards,
  entries,
  officials,
  print,
  failed,
}: {
  cid: string;
  heat: Schemas["Heat"];
  cards: Schemas["Card"][];
  entries: readonly Schemas["StoredEntry"][];
  officials: readonly Schemas["Official"][];
  print: (() => void) | undefined;
  failed: Refused | null;
}) {
  const who = byId(entries, officials);
  const { get, set } = useAddress();
  const language = get("language") === "Spanish" ? "Spanish" : "English";
  const words = useQuery(queries.heatWords(cid, heat.id, language));
  const papers = useQuery({ ...queries.cardPapers(cid, heat.id, language), enabled: cards.length > 0 });
  if (words.isPending) return <Loading what="the heat" />;
  if (words.isError)
    return (
      <main className="p-6">
        <Message error={words.error} retry={() => void words.refetch()} />
      </main>
    );
  const say = words.data;
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
        <Choice
          label="Language of the sheet"
          value={language}
          of={["English", "Spanish"] as const}
          onChange={(l) => set("language", l === "English" ? "" : l)}
          text={(l) => (l === "Spanish" ? "Español" : l)}
        />
      </div>
      {failed && (
        <div className="off-paper mt-3">
          <Message error={failed} />
          {failed.at("heats") && <p className="field-error">{failed.at("heats")}</p>}
        </div>
      )}
      <section className="heat-sheet mt-3 print:break-after-page" aria-labelledby="sheet" lang={language === "Spanish" ? "es" : undefined}>
        <h1 id="sheet">
          <bdi>{say.title}</bdi>
        </h1>
        <p className="text-lg">
          {dayWords(dayOf(heat.starts), language)}, <b>{say.clock}</b>
        </p>
        <table className="ruled mt-3">
          <thead>
            <tr>
              <th scope="col">{say.lane}</th>
              <th scope="col" className="max-md:hidden print:table-cell">
                {say.number}
              </th>
              <th scope="col">{say.who}</th>
              <th scope="col" className="max-md:hidden print:table-cell">
                {say.division}
              </th>
              <th scope="col">{say.judge}</th>
              <th scope="col" className="max-md:hidden print:table-cell">
                {say.card}
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
                    {card ? (
                      <span className="mono whitespace-nowrap">{card.printed}</span>
                    ) : (
                      <span className="text-soft">{say.noCard}</span>
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
        {say.things.length > 0 && (
          <>
            <h2 className="mt-5">{say.kit}</h2>
            <ul className="md:columns-2 print:columns-2">
              {say.things.map((t) => (
                <li key={t} className="break-inside-avoid">
                  <bdi>{t}</bdi>
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
