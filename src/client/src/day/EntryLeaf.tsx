import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, asJson, type Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { when } from "../ui/days";
import { Field } from "../ui/Field";
import { Leaf } from "../ui/Leaf";
import { Message } from "../ui/Message";
import { stateWords } from "./EntriesPage";
import { useRights } from "./useRights";

/** One entry: who stands in it, what became of it, and what can become of it. */
export function EntryLeaf({
  cid,
  stored: { entry, revision },
  mayChange,
  onClose,
}: {
  cid: string;
  stored: Schemas["StoredEntry"];
  mayChange: boolean;
  onClose: () => void;
}) {
  const rights = useRights(cid);
  const contacts = useQuery({ ...queries.contacts(cid), enabled: rights("SeeContacts") }).data;
  const history = useQuery(queries.entryHistory(cid, entry.id));
  const readings = useQuery({ ...queries.readings(cid, entry.id), enabled: rights("SeeMeasured") }).data ?? [];
  const [failed, setFailed] = useState<Refused | null>(null);
  const [reason, setReason] = useState("");
  const [seat, setSeat] = useState<number | null>(null);
  const [name, setName] = useState("");
  const [gym, setGym] = useState("");
  const [removing, setRemoving] = useState("");
  const title = `${entry.bib} ${entry.team || entry.members.map((m) => m.name).join(" / ")}`.trim();
  const run = async (work: () => Promise<unknown>) => {
    setFailed(null);
    try {
      await work();
      setReason("");
      setSeat(null);
    } catch (e) {
      setFailed(e as Refused);
    }
    await changed.entries(cid);
  };
  const path = { id: cid, entry: entry.id };
  const say = (state: Schemas["EntryState"]) =>
    run(() => ask(api.PUT("/api/competitions/{id}/entries/{entry}/state", { params: { path }, body: { revision, state, reason } })));
  return (
    <Leaf open onClose={onClose} title={title} lead={`${entry.division}, ${stateWords[entry.state]}`}>
      <ol>
        {entry.members.map((m, i) => (
          <li key={m.id} className="border-b border-rule py-1.5">
            <bdi className="font-semibold">{m.name}</bdi>{" "}
            <span className="text-soft">
              {[m.duty, m.gym, contacts?.find((c) => c.person === m.id)?.contact].filter(Boolean).join(", ")}
            </span>
            {mayChange && (
              <label className="tick ml-4">
                <input
                  type="checkbox"
                  checked={m.byBib}
                  onChange={(e) =>
                    void run(() =>
                      ask(
                        api.PUT("/api/competitions/{id}/entries/people/{person}", {
                          params: { path: { id: cid, person: m.id } },
                          body: { byBib: e.target.checked },
                        }),
                      ),
                    )
                  }
                />{" "}
                public by number only
              </label>
            )}
            {mayChange && seat !== i + 1 && (
              <button
                className="act ml-4"
                aria-label={`Somebody else for ${m.name}`}
                onClick={() => {
                  setSeat(i + 1);
                  setName("");
                  setGym(m.gym);
                }}
              >
                Somebody else
              </button>
            )}
          </li>
        ))}
      </ol>
      {readings.length > 0 && (
        <section className="mt-3" aria-label="Measured">
          <h2 className="text-base">Measured</h2>
          <ul>
            {readings.map((r) => (
              <li key={r.id}>
                <bdi>{r.athlete}</bdi>: <bdi>{r.place.replaceAll("|", ", ")}</bdi>{" "}
                <b className="mono">
                  {r.value} {r.unit}
                </b>{" "}
                <span className="text-soft">
                  by <bdi>{r.by}</bdi>, {when(r.at)}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {mayChange && (
        <form
          className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            if (seat !== null)
              void run(() =>
                ask(
                  api.PUT("/api/competitions/{id}/entries/{entry}/members", {
                    params: { path },
                    body: { revision, seat, name, gym, sex: null, reason },
                  }),
                ),
              );
          }}
        >
          {seat !== null && (
            <>
              <Field label={`Who instead of ${entry.members[seat - 1]?.name}`} value={name} onChange={setName} error={failed?.at("name")} />
              <Field label="Gym" value={gym} onChange={setGym} error={failed?.at("gym")} />
            </>
          )}
          <Field label="Reason" className="grow" value={reason} onChange={setReason} error={failed?.at("reason")} />
          {seat !== null ? (
            <>
              <button className="press">Put in</button>
              <button type="button" className="press-plain" onClick={() => setSeat(null)}>
                Leave as it is
              </button>
            </>
          ) : entry.state === "Withdrawn" ? (
            <button type="button" className="press-plain" onClick={() => void say("In")}>
              Starts after all
            </button>
          ) : (
            <button type="button" className="press-plain" onClick={() => void say("Withdrawn")}>
              Withdraw
            </button>
          )}
        </form>
      )}
      {rights("SeeContacts") && (
        <p className="mt-3">
          {entry.members.map((m) => (
            <a
              key={m.id}
              className="act mr-4"
              href={`/api/competitions/${cid}/entries/people/${m.id}/kept`}
              download={`kept-of-${entry.bib || m.id}.json`}
            >
              All that is kept of <bdi>{m.name}</bdi>
            </a>
          ))}
        </p>
      )}
      {mayChange && (
        <p className="mt-3">
          {entry.members.map((m) =>
            removing === m.id ? (
              <span key={m.id} className="mr-4">
                Name, gym and contact go for good; what was judged stays under the number.{" "}
                <button
                  className="act"
                  onClick={() =>
                    void run(() =>
                      ask(
                        api.POST("/api/competitions/{id}/entries/people/{person}/forget", {
                          params: { path: { id: cid, person: m.id } },
                          ...asJson,
                        }),
                      ),
                    ).then(() => setRemoving(""))
                  }
                >
                  Remove the data of <bdi>{m.name}</bdi>
                </button>{" "}
                <button className="act !font-normal" onClick={() => setRemoving("")}>
                  Keep
                </button>
              </span>
            ) : (
              <button key={m.id} className="act mr-4 !font-normal" onClick={() => setRemoving(m.id)}>
                Remove what is kept of <bdi>{m.name}</bdi>
              </button>
            ),
          )}
        </p>
      )}
      {failed && Object.keys(failed.errors).length === 0 && (
        <div className="mt-3">
          <Message error={failed} />
        </div>
      )}
      <h3 className="mt-5">What became of it</h3>
      <ol className="mt-1">
        {(history.data ?? []).map((h, i) => (
          <li key={i} className="border-b border-rule py-1">
            <span className="text-soft">{when(h.at)}</span> <bdi>{h.what}</bdi>
            {h.reason && (
              <>
                : <bdi>{h.reason}</bdi>
              </>
            )}
            {h.by && (
              <span className="text-soft">
                , <bdi>{h.by}</bdi>
              </span>
            )}
          </li>
        ))}
      </ol>
    </Leaf>
  );
}
