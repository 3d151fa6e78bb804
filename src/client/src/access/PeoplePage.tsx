import { useState } from "react";
import { useParams } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { when } from "../ui/days";
import { Field } from "../ui/Field";
import { Loading, Message } from "../ui/Message";
import { Links } from "./Links";
import { Made } from "./Made";
import { called, roles, type Role } from "./roles";

/** Who is what in the competition, invitations, and links for those who come once. */
export function PeoplePage() {
  const { cid = "" } = useParams();
  const me = useQuery(queries.me());
  const rights = me.data?.in?.places.find((p) => p.competition === cid)?.rights ?? [];
  if (me.isPending) return <Loading what="the people" />;
  return (
    <main className="px-6 py-4">
      <h1>People</h1>
      {rights.includes("Manage") && <Members cid={cid} />}
      {rights.includes("GiveLinks") && <Links cid={cid} />}
    </main>
  );
}

function Members({ cid }: { cid: string }) {
  const people = useQuery(queries.people(cid));
  const [words, setWords] = useState("");
  const [role, setRole] = useState<Role>("HeadJudge");
  const [made, setMade] = useState<{ link: Schemas["MadeLink"]; of: string } | null>(null);
  const [error, setError] = useState<Refused | null>(null);
  const [leaving, setLeaving] = useState<string | null>(null);
  const run = async (work: () => Promise<unknown>) => {
    setError(null);
    setLeaving(null);
    try {
      await work();
    } catch (e) {
      setError(e as Refused);
    }
    await changed.people(cid);
  };
  if (people.isPending) return <Loading what="the people" />;
  if (people.isError) return <Message error={people.error} retry={() => void people.refetch()} />;
  const set = (id: string, now: Role[]) =>
    run(() =>
      ask(api.PUT("/api/competitions/{id}/people/{account}", { params: { path: { id: cid, account: id } }, body: { roles: now } })),
    );
  return (
    <>
      <section className="mt-4" aria-labelledby="members">
        <div className="section-head">
          <h2 id="members">Who is what</h2>
        </div>
        <div className="overflow-x-auto">
          <table className="ruled">
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Is</th>
                <th scope="col" className="max-md:hidden">
                  Last here
                </th>
                <th scope="col">
                  <span className="sr-only">Change</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {people.data.members.map((m) => (
                <tr key={m.id}>
                  <th scope="row" className="min-w-28 align-top">
                    <bdi>{m.name}</bdi>
                  </th>
                  <td>
                    <details>
                      <summary>{m.roles.map(called).join(", ")}</summary>
                      <fieldset className="mt-1 flex flex-wrap gap-x-4">
                        <legend className="sr-only">What {m.name} is</legend>
                        {roles.map(([r, name]) => (
                          <label key={r} className="whitespace-nowrap">
                            <input
                              type="checkbox"
                              checked={m.roles.includes(r)}
                              onChange={(e) => void set(m.id, e.target.checked ? [...m.roles, r] : m.roles.filter((x) => x !== r))}
                            />{" "}
                            {name}
                          </label>
                        ))}
                      </fieldset>
                    </details>
                  </td>
                  <td className="align-top text-soft whitespace-nowrap max-md:hidden">{m.seen ? when(m.seen) : "never"}</td>
                  <td className="align-top md:whitespace-nowrap">
                    <button
                      className="act"
                      aria-label={`Recovery link for ${m.name}`}
                      onClick={() =>
                        void run(async () => {
                          const link = await ask(
                            api.POST("/api/competitions/{id}/people/{account}/recovery", {
                              params: { path: { id: cid, account: m.id } },
                              body: {},
                            }),
                          );
                          setMade({ link, of: `a new passphrase of ${m.name}` });
                        })
                      }
                    >
                      Recovery link
                    </button>{" "}
                    {leaving === m.id ? (
                      <>
                        <button className="act ml-3" onClick={() => void set(m.id, [])}>
                          Take <bdi>{m.name}</bdi> out
                        </button>{" "}
                        <button className="act ml-3 !font-normal" onClick={() => setLeaving(null)}>
                          Keep
                        </button>
                      </>
                    ) : (
                      <button className="act ml-3 !font-normal" aria-label={`Take out ${m.name}`} onClick={() => setLeaving(m.id)}>
                        Take out
                      </button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        {error?.at("roles") ? (
          <p role="alert" className="field-error">
            {error.at("roles")}
          </p>
        ) : (
          error &&
          !error.at("words") && (
            <div className="mt-3">
              <Message error={error} />
            </div>
          )
        )}
      </section>
      <section className="mt-6" aria-labelledby="invite">
        <div className="section-head">
          <h2 id="invite">Invite somebody</h2>
        </div>
        <form
          className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            void run(async () => {
              const link = await ask(
                api.POST("/api/competitions/{id}/invitations", { params: { path: { id: cid } }, body: { role, words } }),
              );
              setMade({ link, of: `${words.trim()}, ${called(role)}` });
              setWords("");
            });
          }}
        >
          <Field label="For whom" value={words} onChange={setWords} error={error?.at("words")} />
          <label>
            <span className="block font-semibold">To be</span>
            <select value={role} onChange={(e) => setRole(e.target.value as Role)}>
              {roles.map(([r, name]) => (
                <option key={r} value={r}>
                  {name}
                </option>
              ))}
            </select>
          </label>
          <button className="press-plain" disabled={!words.trim()}>
            Make the link
          </button>
        </form>
        {made && <Made link={made.link} of={made.of} />}
        {people.data.invitations.length > 0 && (
          <ul className="mt-3">
            {people.data.invitations.map((i) => (
              <li key={i.id} className="border-b border-rule py-1.5">
                <bdi>{i.words}</bdi>, {called(i.role)} <span className="text-soft">not used yet, until {when(i.ends)}</span>{" "}
                <button
                  className="act"
                  aria-label={`Take back the invitation for ${i.words}`}
                  onClick={() =>
                    void run(() =>
                      ask(
                        api.DELETE("/api/competitions/{id}/invitations/{invitation}", {
                          params: { path: { id: cid, invitation: i.id } },
                        }),
                      ),
                    )
                  }
                >
                  Take back
                </button>
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  );
}
