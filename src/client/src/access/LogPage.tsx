import { useState } from "react";
import { useParams } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { queries } from "../api/queries";
import { when } from "../ui/days";
import { Field } from "../ui/Field";
import { Loading, Message } from "../ui/Message";

/** Lines of one answer. */
const page = 200;

/** Who did what, when, from where: append only. */
export function LogPage() {
  const { cid = "" } = useParams();
  const [who, setWho] = useState("");
  const [what, setWhat] = useState("");
  const [before, setBefore] = useState<number | null>(null);
  const log = useQuery(queries.log(cid, who.trim(), what.trim(), before));
  const filter = (set: (v: string) => void) => (v: string) => {
    set(v);
    setBefore(null);
  };
  const query = new URLSearchParams({ who: who.trim(), what: what.trim() }).toString();
  return (
    <main className="px-6 py-4">
      <h1>What was done</h1>
      <p className="mt-1 max-w-prose text-soft">
        Every change, export and refusal in this competition, the newest first. Nobody can change it, the application neither.
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <Field label="Who" value={who} onChange={filter(setWho)} />
        <Field label="What" value={what} onChange={filter(setWhat)} />
        <a className="act pb-1" href={`/api/competitions/${cid}/log.csv?${query}`} download>
          As CSV
        </a>
      </div>
      {log.isPending ? (
        <Loading what="what was done" />
      ) : log.isError ? (
        <Message error={log.error} retry={() => void log.refetch()} />
      ) : log.data.length === 0 ? (
        <p className="mt-4 text-soft">{who || what ? "Nothing has these words." : "Nothing has been done yet."}</p>
      ) : (
        <>
          <div className="mt-3 overflow-x-auto" role="region" aria-label="What was done" tabIndex={0}>
            <table className="ruled">
              <thead>
                <tr>
                  <th scope="col">When</th>
                  <th scope="col">Who</th>
                  <th scope="col">What</th>
                  <th scope="col">On</th>
                  <th scope="col" className="max-md:hidden">
                    From
                  </th>
                </tr>
              </thead>
              <tbody>
                {log.data.map((d) => (
                  <tr key={d.id}>
                    <td className="md:whitespace-nowrap">{when(d.at)}</td>
                    <td>
                      <bdi className="[overflow-wrap:normal]">{d.who}</bdi>
                    </td>
                    <td className={d.status >= 400 ? "text-ochre" : ""}>{d.what}</td>
                    <td>
                      <bdi className="[overflow-wrap:normal]">{d.about}</bdi>
                    </td>
                    <td className="text-soft max-md:hidden">{d.address}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <p className="mt-3 flex gap-5">
            {before !== null && (
              <button className="act" onClick={() => setBefore(null)}>
                To the newest
              </button>
            )}
            {log.data.length === page && (
              <button className="act" onClick={() => setBefore(log.data[log.data.length - 1]!.id)}>
                Older
              </button>
            )}
          </p>
        </>
      )}
    </main>
  );
}
