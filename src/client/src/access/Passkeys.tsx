import { useState } from "react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api, ask, type Refused } from "../api/client";
import { queries } from "../api/queries";
import { Field } from "../ui/Field";
import { Message } from "../ui/Message";
import { when } from "../ui/days";
import { makePasskey, whyNone } from "./passkeys";

/** The passkeys of the account: those there are, and one more on this device. */
export function Passkeys() {
  const client = useQueryClient();
  const passkeys = useQuery(queries.passkeys());
  const [name, setName] = useState("");
  const [error, setError] = useState<Refused | null>(null);
  const [busy, setBusy] = useState(false);
  const why = whyNone();
  const run = async (work: () => Promise<unknown>) => {
    setBusy(true);
    setError(null);
    try {
      await work();
      setName("");
    } catch (e) {
      setError(e as Refused);
    }
    setBusy(false);
    await client.invalidateQueries(queries.passkeys());
  };
  return (
    <section className="mt-6" aria-labelledby="passkeys">
      <h2 id="passkeys">Passkeys</h2>
      <p className="text-soft">A key that stays on a device and opens this account there, without a passphrase to type.</p>
      {passkeys.isError && <Message error={passkeys.error} retry={() => void passkeys.refetch()} />}
      <ul>
        {passkeys.data?.map((p) => (
          <li key={p.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1.5">
            <span>{p.name}</span>
            <span className="text-[0.93rem] text-soft">
              since {when(p.at)}, {p.used ? `last used ${when(p.used)}` : "not used yet"}
            </span>
            <button
              className="act ml-auto"
              disabled={busy}
              aria-label={`Take away ${p.name}`}
              onClick={() => void run(() => ask(api.DELETE("/api/passkeys/{key}", { params: { path: { key: p.id } } })))}
            >
              Take away
            </button>
          </li>
        ))}
      </ul>
      {why ? (
        <p className="mt-2 text-soft">{why}</p>
      ) : (
        <form
          className="mt-3 flex flex-wrap items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            void run(() => makePasskey(name));
          }}
        >
          <Field label="What this device is called" value={name} onChange={setName} error={error?.at("name")} />
          <button className="press-plain" disabled={busy || !name.trim()}>
            Make a passkey here
          </button>
        </form>
      )}
      {error && Object.keys(error.errors).length === 0 && (
        <div className="mt-3">
          <Message error={error} />
        </div>
      )}
    </section>
  );
}
