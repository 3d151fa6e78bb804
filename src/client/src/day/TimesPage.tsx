import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask } from "../api/client";
import { queries } from "../api/queries";
import { Field } from "../ui/Field";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { dayOf, dayWords, hour } from "./localTime";
import { timeTitle } from "./names";

type Whose = { entry?: string; judge?: string; gym?: string; floor?: string };

/** Somebody's own times, for a phone: when to stand ready, where, and what for. */
export function TimesPage() {
  const { cid = "" } = useParams();
  const { get } = useAddress();
  const of = {
    ...(get("entry") && { entry: get("entry") }),
    ...(get("judge") && { judge: get("judge") }),
    ...(get("gym") && { gym: get("gym") }),
    ...(get("floor") && { floor: get("floor") }),
  };
  const asked = Object.keys(of).length > 0;
  return <main className="mx-auto max-w-[34rem] px-4 py-5">{asked ? <Own cid={cid} of={of} /> : <Names cid={cid} />}</main>;
}

function Own({ cid, of }: { cid: string; of: Whose }) {
  const found = useQuery(queries.times(cid, of));
  if (found.isPending) return <Loading what="the times" />;
  if (found.isError) return <Message error={found.error} retry={() => void found.refetch()} />;
  const { name, times, zone } = found.data;
  const days = [...new Set(times.map((t) => dayOf(t.starts)))];
  const query = new URLSearchParams(of as Record<string, string>).toString();
  return (
    <>
      <h1>
        <bdi>{name}</bdi>
      </h1>
      <p className="text-soft">
        Times of the hall, {zone}. They can change during the day.{" "}
        <Link className="act off-paper" to={`/times/${cid}`}>
          Somebody else
        </Link>
      </p>
      {times.length === 0 && <p className="mt-4">No times yet.</p>}
      {days.map((d) => (
        <section key={d} aria-label={dayWords(d)} className="mt-5">
          <h2 className="section-head">{dayWords(d)}</h2>
          <ol>
            {times
              .filter((t) => dayOf(t.starts) === d)
              .map((t) => (
                <li key={`${t.heat}-${t.lane}-${t.measured ?? ""}`} className="flex gap-4 border-b border-rule py-2.5">
                  <span className="w-20 shrink-0">
                    <b className="mono block text-[1.6rem] leading-tight">{hour(t.ready)}</b>
                    <span className="text-soft">{t.number === 0 ? "be there" : of.floor ? "floor" : "ready"}</span>
                  </span>
                  <span className="min-w-0">
                    <b>
                      <bdi>{timeTitle(t)}</bdi>
                    </b>
                    {t.lane > 0 && <span className="block text-lg font-bold">Lane {t.lane}</span>}
                    <span className="block text-soft">
                      {t.number > 0 && "clock "}
                      {hour(t.starts)} to {hour(t.ends)}, <bdi>{t.floor}</bdi>
                      {t.what !== name && (
                        <>
                          , <bdi>{t.what}</bdi>
                        </>
                      )}
                    </span>
                  </span>
                </li>
              ))}
          </ol>
        </section>
      ))}
      {times.length > 0 && (
        <div className="off-paper mt-5 flex flex-wrap items-center gap-4">
          <a className="press inline-block" href={`/api/competitions/${cid}/times/calendar.ics?${query}`}>
            Take into a calendar
          </a>
          <Follow cid={cid} of={of} />
        </div>
      )}
    </>
  );
}

/** An address that a phone's calendar follows, so that a delay arrives by itself. */
function Follow({ cid, of }: { cid: string; of: Whose }) {
  const [address, setAddress] = useState("");
  const [failed, setFailed] = useState<unknown>(null);
  if (address)
    return (
      <p className="min-w-0 break-words">
        Give this address to your calendar; whoever has it sees these times and nothing else:{" "}
        <a className="act break-all" href={address.replace(/^https?:/, "webcal:")}>
          {address}
        </a>
      </p>
    );
  return (
    <>
      <button
        className="press-plain"
        onClick={() => {
          setFailed(null);
          ask(
            api.POST("/api/competitions/{id}/times/feed", {
              params: { path: { id: cid } },
              body: { entry: of.entry ?? null, judge: of.judge ?? null, gym: of.gym ?? null, floor: of.floor ?? null },
            }),
          ).then((f) => setAddress(f.address), setFailed);
        }}
      >
        Follow with a calendar
      </button>
      {failed !== null && <Message error={failed} />}
    </>
  );
}

function Names({ cid }: { cid: string }) {
  const found = useQuery(queries.timesNames(cid));
  const [search, setSearch] = useState("");
  if (found.isPending) return <Loading what="the names" />;
  if (found.isError) return <Message error={found.error} retry={() => void found.refetch()} />;
  const words = search.trim().toLowerCase();
  const matches = found.data.filter((n) => words.length > 1 && `${n.name} ${n.gym}`.toLowerCase().includes(words)).slice(0, 30);
  const gyms = [...new Set(matches.map((m) => m.gym).filter((g) => g.toLowerCase().includes(words)))];
  return (
    <>
      <h1>Whose times?</h1>
      <Field label="Your name, team or gym" type="search" className="mt-4 text-lg" value={search} onChange={setSearch} />
      <ul className="mt-3">
        {gyms.map((g) => (
          <li key={g} className="border-b border-rule">
            <Link className="block py-2.5" to={`/times/${cid}?gym=${encodeURIComponent(g)}`}>
              All of <bdi className="font-semibold">{g}</bdi>
            </Link>
          </li>
        ))}
        {matches.map((n) => (
          <li key={n.id} className="border-b border-rule">
            <Link className="block py-2.5" to={`/times/${cid}?entry=${n.id}`}>
              <bdi className="font-semibold">{n.name}</bdi>{" "}
              <span className="text-soft">
                <bdi>
                  {n.division}
                  {n.gym && `, ${n.gym}`}
                </bdi>
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {words.length > 1 && matches.length === 0 && <p className="mt-3">Nobody is called so.</p>}
    </>
  );
}
