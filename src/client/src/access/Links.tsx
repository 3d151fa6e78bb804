import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { when } from "../ui/days";
import { Field } from "../ui/Field";
import { Loading, Message } from "../ui/Message";
import { Made } from "./Made";
import { byLink, called, type Role } from "./roles";

const state = (l: Schemas["GivenLink"]) =>
  l.revoked
    ? `taken back ${when(l.revoked)}`
    : new Date(l.ends) < new Date()
      ? "over"
      : l.bound
        ? `opened ${l.opened} ${l.opened === 1 ? "time" : "times"} on one device`
        : "not opened yet";

/** Links for those who come once: a judge of the day, a reader. */
export function Links({ cid }: { cid: string }) {
  const links = useQuery(queries.links(cid));
  const [name, setName] = useState("");
  const [days, setDays] = useState("3");
  const [role, setRole] = useState<Role>("Judge");
  const [made, setMade] = useState<{ link: Schemas["MadeLink"]; of: string } | null>(null);
  const [error, setError] = useState<Refused | null>(null);
  const run = async (work: () => Promise<unknown>) => {
    setError(null);
    try {
      await work();
    } catch (e) {
      setError(e as Refused);
    }
    await changed.links(cid);
  };
  return (
    <section className="mt-6" aria-labelledby="links">
      <div className="section-head">
        <h2 id="links">Links instead of accounts</h2>
      </div>
      <p className="mt-1 max-w-prose text-soft">
        For those who come once. A link opens what is published, on the device that opens it first, for some days, until it is taken back.
      </p>
      <form
        className="mt-2 flex flex-wrap items-start gap-x-4 gap-y-2"
        onSubmit={(e) => {
          e.preventDefault();
          void run(async () => {
            const link = await ask(
              api.POST("/api/competitions/{id}/links", { params: { path: { id: cid } }, body: { role, name, days: Number(days) || 0 } }),
            );
            setMade({ link, of: `${name.trim()}, ${called(role)}` });
            setName("");
          });
        }}
      >
        <Field label="Whose it is" value={name} onChange={setName} error={error?.at("name")} />
        <label>
          <span className="block font-semibold">Who is</span>
          <select className="mt-0.5" value={role} onChange={(e) => setRole(e.target.value as Role)}>
            {byLink.map(([r, called]) => (
              <option key={r} value={r}>
                {called}
              </option>
            ))}
          </select>
        </label>
        <Field className="w-24" label="Days" value={days} onChange={setDays} error={error?.at("days")} />
        <button className="press-plain mt-6" disabled={!name.trim()}>
          Give a link
        </button>
      </form>
      {error && Object.keys(error.errors).length === 0 && <Message error={error} />}
      {made && <Made link={made.link} of={made.of} />}
      {links.isPending ? (
        <Loading what="the links" />
      ) : links.isError ? (
        <Message error={links.error} retry={() => void links.refetch()} />
      ) : (
        <ul className="mt-3">
          {links.data.map((l) => (
            <li key={l.id} className="border-b border-rule py-1.5">
              <bdi>{l.name}</bdi>, {called(l.role)}{" "}
              <span className="text-soft">
                · until {when(l.ends)} · {state(l)}
              </span>{" "}
              {!l.revoked && (
                <button
                  className="act"
                  aria-label={`Take back the link of ${l.name}`}
                  onClick={() =>
                    void run(() => ask(api.DELETE("/api/competitions/{id}/links/{link}", { params: { path: { id: cid, link: l.id } } })))
                  }
                >
                  Take back
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
