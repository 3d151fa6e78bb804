import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { EntryLeaf } from "./EntryLeaf";
import { ImportList } from "./ImportList";
import { useRights } from "./useRights";

export const stateWords: Record<Schemas["EntryState"], string> = { In: "in", Late: "late", Withdrawn: "withdrawn" };

/** Who competes: by division, with the list that they were read from. */
export function EntriesPage() {
  const { cid = "" } = useParams();
  const may = useRights(cid);
  const found = useQuery(queries.entries(cid));
  const competition = useQuery(queries.competition(cid)).data;
  const { get, set } = useAddress();
  const [search, setSearch] = useState("");
  const [failed, setFailed] = useState<Refused | null>(null);
  if (found.isPending) return <Loading what="the athletes" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  const words = search.trim().toLowerCase();
  const entries = found.data.entries.filter(
    ({ entry: e }) =>
      words === "" ||
      [e.bib, e.team, e.division, ...e.members.flatMap((m) => [m.name, m.gym])].some((t) => t.toLowerCase().includes(words)),
  );
  const order = competition?.competition.divisions.map((d) => d.name) ?? [];
  const divisions = [...new Set(entries.map((e) => e.entry.division))].sort((a, b) => order.indexOf(a) - order.indexOf(b));
  const open = found.data.entries.find((e) => e.entry.id === get("entry"));
  const say = async (entry: Schemas["StoredEntry"], state: Schemas["EntryState"]) => {
    setFailed(null);
    try {
      await ask(
        api.PUT("/api/competitions/{id}/entries/{entry}/state", {
          params: { path: { id: cid, entry: entry.entry.id } },
          body: { revision: entry.revision, state, reason: "" },
        }),
      );
    } catch (e) {
      setFailed(e as Refused);
    }
    await changed.entries(cid);
  };
  return (
    <main className="px-6 py-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>Athletes</h1>
        {found.data.entries.length > 0 && (
          <label>
            <span className="sr-only">Find an athlete, team, gym or number</span>
            <input
              type="search"
              className="w-64"
              placeholder="Name, gym or number"
              value={search}
              onChange={(e) => setSearch(e.target.value)}
            />
          </label>
        )}
      </div>
      {may("EnterPeople") && <ImportList cid={cid} empty={found.data.entries.length === 0} />}
      {failed && (
        <div className="mt-3">
          <Message error={failed} />
        </div>
      )}
      {found.data.entries.length === 0 && !may("EnterPeople") && <p className="mt-4">Nobody is entered yet.</p>}
      {words !== "" && entries.length === 0 && <p className="mt-4">Nobody is called so.</p>}
      {divisions.map((d) => {
        const mine = entries.filter((e) => e.entry.division === d);
        return (
          <section key={d} className="mt-5" aria-label={d}>
            <div className="section-head">
              <h2>
                <bdi>{d}</bdi>
              </h2>
              <span className="text-soft">
                {mine.length} {mine.length === 1 ? "entry" : "entries"}
              </span>
            </div>
            <table className="ruled [&_td]:!align-baseline [&_th]:!align-baseline">
              <thead className="sr-only">
                <tr>
                  <th scope="col">Number</th>
                  <th scope="col">Name</th>
                  <th scope="col">Gym</th>
                  <th scope="col">State</th>
                </tr>
              </thead>
              <tbody>
                {mine.map((stored) => (
                  <Row
                    key={stored.entry.id}
                    cid={cid}
                    stored={stored}
                    open={() => set("entry", stored.entry.id)}
                    say={may("EnterPeople") ? (s) => void say(stored, s) : undefined}
                  />
                ))}
              </tbody>
            </table>
          </section>
        );
      })}
      {open && <EntryLeaf cid={cid} stored={open} mayChange={may("EnterPeople")} onClose={() => set("entry", "")} />}
    </main>
  );
}

function Row({
  cid,
  stored: { entry },
  open,
  say,
}: {
  cid: string;
  stored: Schemas["StoredEntry"];
  open: () => void;
  say: ((state: Schemas["EntryState"]) => void) | undefined;
}) {
  const name = entry.team || entry.members.map((m) => m.name).join(" / ");
  const gyms = [...new Set(entry.members.map((m) => m.gym).filter(Boolean))].join(", ");
  return (
    <tr className={entry.state === "Withdrawn" ? "text-soft" : ""}>
      <td className="mono w-14">{entry.bib}</td>
      <th scope="row" className="md:w-2/5">
        <button className={`act !font-semibold ${entry.state === "Withdrawn" ? "line-through" : ""}`} onClick={open}>
          <bdi>{name}</bdi>
        </button>
        {entry.members.length > 1 ? (
          <span className="block font-normal text-soft">
            <bdi>{entry.members.map((m) => m.name).join(", ")}</bdi>
          </span>
        ) : (
          <span className="font-normal text-soft"> {entry.members[0]?.duty}</span>
        )}
        {entry.level && (
          <span className="font-normal text-soft">
            , <bdi>{entry.level}</bdi>
          </span>
        )}
        <span className="block font-normal text-soft md:hidden">
          <bdi>{gyms}</bdi>
        </span>
      </th>
      <td className="max-md:hidden">
        <bdi>{gyms}</bdi>
      </td>
      <td className="w-40 whitespace-nowrap text-right">
        {entry.state !== "In" && <b className={entry.state === "Late" ? "text-ochre" : ""}>{stateWords[entry.state]} </b>}
        {say && entry.state !== "Withdrawn" && (
          <button
            className="act ml-2 !font-normal"
            aria-label={`${name}: ${entry.state === "Late" ? "is here" : "is late"}`}
            onClick={() => say(entry.state === "Late" ? "In" : "Late")}
          >
            {entry.state === "Late" ? "is here" : "late"}
          </button>
        )}
        <Link className="act ml-3" to={`/times/${cid}?entry=${entry.id}`} aria-label={`Times of ${name}`}>
          Times
        </Link>
      </td>
    </tr>
  );
}
