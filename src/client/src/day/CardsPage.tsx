import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { when } from "../ui/days";
import { Loading, Message } from "../ui/Message";
import { byId, cardWords, entryName, groupsOf } from "./names";
import { HeatSheet } from "./HeatSheet";
import { dayOf, dayWords, hour } from "./localTime";
import { useRights } from "./useRights";

/** Where every card is, which are to be chased, and the cards of one heat on paper. */
export function CardsPage() {
  const { cid = "", heat } = useParams();
  const plan = useQuery(queries.plan(cid));
  const cards = useQuery(queries.cards(cid));
  const entries = useQuery(queries.entries(cid)).data?.entries;
  const officials = useQuery(queries.officials(cid)).data;
  const may = useRights(cid);
  const [failed, setFailed] = useState<Refused | null>(null);
  const error = plan.error ?? cards.error;
  if (error)
    return (
      <main className="p-6">
        <Message error={error} retry={() => void Promise.all([plan.refetch(), cards.refetch()])} />
      </main>
    );
  if (!plan.data || !cards.data || !entries || !officials) return <Loading what="the cards" />;
  const who = byId(entries, officials);
  const shown = plan.data;
  const run = async (work: () => Promise<Schemas["CardsOf"]>) => {
    setFailed(null);
    try {
      await changed.cards(cid, await work());
    } catch (e) {
      setFailed(e as Refused);
    }
  };
  const print = (heats: string[]) =>
    run(() => ask(api.POST("/api/competitions/{id}/cards", { params: { path: { id: cid } }, body: { heats } })));
  const say = (card: Schemas["Card"], state: Schemas["CardState"], name = "") =>
    void run(() =>
      ask(
        api.PUT("/api/competitions/{id}/cards/{card}", {
          params: { path: { id: cid, card: card.id } },
          body: { state, who: name, reason: "" },
        }),
      ),
    );
  const title = (session: string) =>
    shown.workouts.find((w) => w.id === shown.plan.sessions.find((s) => s.id === session)?.workout)?.title ?? "";
  const one = heat ? shown.plan.heats.find((h) => h.id === heat) : undefined;
  if (one)
    return (
      <HeatSheet
        cid={cid}
        heat={one}
        cards={cards.data.cards.filter((c) => c.heat === one.id && c.state !== "Replaced")}
        entries={entries}
        officials={officials}
        print={may("PlanDay") ? () => void print([one.id]) : undefined}
        failed={failed}
      />
    );
  const heats = new Map(shown.plan.heats.map((h) => [h.id, h]));
  return (
    <main className="px-6 py-4">
      <h1>Cards</h1>
      {failed && (
        <div className="mt-3">
          <Message error={failed} />
          {failed.at("heats") && <p className="field-error">{failed.at("heats")}</p>}
        </div>
      )}
      <section className="mt-4" aria-labelledby="chase">
        <div className="section-head">
          <h2 id="chase">To be chased</h2>
          <span className="text-soft">{cards.data.chase.length}</span>
        </div>
        {cards.data.chase.length === 0 && <p className="mt-2 text-soft">Every card of the heats that were run is back.</p>}
        <ul>
          {cards.data.chase.map((c) => {
            const h = heats.get(c.heat)!;
            const judges = c.judges.map((j) => who.judge(j)).join(", ");
            return (
              <li
                key={`${c.heat}-${c.lane}`}
                className="flex flex-wrap items-baseline justify-between gap-x-5 gap-y-1 border-b border-rule py-2"
              >
                <span className="min-w-0">
                  <b>
                    <bdi>{title(h.session)}</bdi>, heat {h.number}, lane {c.lane}
                  </b>{" "}
                  <bdi>{entryName(who.entry(c.entry))}</bdi>
                  <span className="block text-soft">
                    judged by <bdi>{judges || "nobody"}</bdi>
                    {c.card ? (
                      <>
                        , <span className="mono">{c.card.printed}</span> {cardWords[c.card.state]}
                        {c.card.who && (
                          <>
                            {" "}
                            (<bdi>{c.card.who}</bdi>)
                          </>
                        )}{" "}
                        since {when(c.card.since)}
                      </>
                    ) : (
                      ", no card was printed"
                    )}
                  </span>
                </span>
                {c.card && may("TrackCards") && (
                  <span className="whitespace-nowrap">
                    <button className="press" aria-label={`${c.card.printed} is back`} onClick={() => say(c.card!, "Back")}>
                      Back
                    </button>
                    {c.card.state !== "Missing" && (
                      <button className="act ml-4" aria-label={`${c.card.printed} is missing`} onClick={() => say(c.card!, "Missing")}>
                        missing
                      </button>
                    )}
                    <Replace cid={cid} card={c.card} run={run} />
                  </span>
                )}
              </li>
            );
          })}
        </ul>
      </section>
      <section className="mt-6" aria-labelledby="byheat">
        <div className="section-head">
          <h2 id="byheat">By heat</h2>
        </div>
        <div className="goes-on overflow-x-auto" tabIndex={0} role="region" aria-label="Cards by heat">
          <table className="ruled">
            <thead>
              <tr>
                <th scope="col">Heat</th>
                <th scope="col" className="max-md:hidden">
                  Who
                </th>
                <th scope="col">Cards</th>
                <th scope="col">
                  <span className="sr-only">Do</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {shown.plan.heats.map((h, i) => {
                const mine = cards.data.cards.filter((c) => c.heat === h.id && c.state !== "Replaced");
                const states = [...new Set(mine.map((c) => c.state))].map(
                  (s) => `${mine.filter((c) => c.state === s).length} ${cardWords[s]}`,
                );
                return (
                  <tr key={h.id}>
                    <th scope="row" className="font-normal whitespace-nowrap">
                      {(i === 0 || dayOf(shown.plan.heats[i - 1]!.starts) !== dayOf(h.starts)) && (
                        <b className="block">{dayWords(dayOf(h.starts))}</b>
                      )}
                      <span className="mono">{hour(h.starts)}</span> <bdi>{title(h.session)}</bdi> {h.number}
                    </th>
                    <td className="max-md:hidden">
                      <bdi>{groupsOf(h.lanes.map((l) => who.entry(l.entry))).join(", ")}</bdi>
                    </td>
                    <td>{states.join(", ") || <span className="text-soft">none yet</span>}</td>
                    <td className="whitespace-nowrap text-right">
                      {may("PlanDay") && mine.length < h.lanes.length && (
                        <button
                          className="act mr-4"
                          aria-label={`Make the cards of ${title(h.session)}, heat ${h.number}`}
                          onClick={() => void print([h.id])}
                        >
                          Make
                        </button>
                      )}
                      {may("TrackCards") && mine.some((c) => c.state === "Printed") && (
                        <button
                          className="act mr-4"
                          aria-label={`Given out: the cards of ${title(h.session)}, heat ${h.number}`}
                          onClick={() =>
                            void (async () => {
                              for (const c of mine.filter((x) => x.state === "Printed"))
                                await run(() =>
                                  ask(
                                    api.PUT("/api/competitions/{id}/cards/{card}", {
                                      params: { path: { id: cid, card: c.id } },
                                      body: {
                                        state: "Out",
                                        who:
                                          h.lanes
                                            .find((l) => l.entry === c.entry)
                                            ?.judges.map((j) => who.judge(j))
                                            .filter(Boolean)
                                            .join(", ")
                                            .slice(0, 80) ?? "",
                                        reason: "",
                                      },
                                    }),
                                  ),
                                );
                            })()
                          }
                        >
                          Given out
                        </button>
                      )}
                      <Link className="act" to={`/c/${cid}/cards/${h.id}`} aria-label={`Open ${title(h.session)}, heat ${h.number}`}>
                        Open
                      </Link>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
        {shown.plan.heats.length === 0 && (
          <p className="mt-2">
            There are no heats yet.{" "}
            <Link className="act" to={`/c/${cid}/days`}>
              Plan the days
            </Link>
          </p>
        )}
      </section>
    </main>
  );
}

function Replace({
  cid,
  card,
  run,
}: {
  cid: string;
  card: Schemas["Card"];
  run: (work: () => Promise<Schemas["CardsOf"]>) => Promise<void>;
}) {
  const [reason, setReason] = useState<string | null>(null);
  if (reason === null)
    return (
      <button className="act ml-4" aria-label={`Another card for ${card.printed}`} onClick={() => setReason("")}>
        another card
      </button>
    );
  return (
    <form
      className="ml-4 inline-flex gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        void run(() =>
          ask(api.POST("/api/competitions/{id}/cards/{card}/replace", { params: { path: { id: cid, card: card.id } }, body: { reason } })),
        );
      }}
    >
      <input aria-label="Why another card" placeholder="why" value={reason} onChange={(e) => setReason(e.target.value)} />
      <button className="act" disabled={!reason.trim()}>
        Print another
      </button>
    </form>
  );
}
