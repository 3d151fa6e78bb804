import { useState } from "react";
import { useSearchParams } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { api, ask } from "../api/client";
import { queries } from "../api/queries";
import { Field } from "../ui/Field";
import { Message } from "../ui/Message";
import { Door } from "./Door";
import { signInByPasskey, whyNone } from "./passkeys";
import { goOn } from "./session";

const demo = ["organiser", "head judge", "co-author", "measurer", "score desk", "judge", "caller", "crew", "reader"];

/** Name and passphrase; with the demo, whom one can be. */
export function SignInPage() {
  const [query] = useSearchParams();
  const here = useQuery(queries.me());
  const [name, setName] = useState("");
  const [passphrase, setPassphrase] = useState("");
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const whyNot = whyNone();
  const begin = (as: string, by: string) => enter(() => ask(api.POST("/api/session", { body: { name: as, passphrase: by } })));
  const enter = async (how: () => Promise<unknown>) => {
    setBusy(true);
    setError(null);
    try {
      await how();
      goOn(query.get("to"));
    } catch (e) {
      setError(e);
      setBusy(false);
    }
  };
  return (
    <Door title="Sign in">
      <form
        className="mt-4"
        onSubmit={(e) => {
          e.preventDefault();
          void begin(name, passphrase);
        }}
      >
        <Field label="Name" value={name} onChange={setName} autoComplete="username" />
        <Field
          className="mt-3"
          label="Passphrase"
          type="password"
          value={passphrase}
          onChange={setPassphrase}
          autoComplete="current-password"
        />
        <p className="mt-4">
          <button className="press" disabled={busy || !name.trim() || !passphrase}>
            Sign in
          </button>
        </p>
      </form>
      <p className="mt-4 border-t border-rule pt-4">
        {whyNot ? (
          <span className="text-soft">{whyNot}</span>
        ) : (
          <button className="press-plain" disabled={busy} onClick={() => void enter(signInByPasskey)}>
            Sign in with a passkey
          </button>
        )}
      </p>
      {error !== null && (
        <div className="mt-4">
          <Message error={error} />
        </div>
      )}
      {here.data?.demo && (
        <section className="mt-8 border-t border-rule pt-3" aria-labelledby="demo">
          <h2 id="demo">The demo’s people</h2>
          <p className="text-soft">They exist with the demo only, and each has the passphrase that the README names. Be one of them:</p>
          <p className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
            {demo.map((role) => (
              <button key={role} className="act" disabled={busy} onClick={() => void begin(`Demo ${role}`, "quayside tide table")}>
                {role}
              </button>
            ))}
          </p>
        </section>
      )}
      <p className="mt-8 text-soft">
        A code from a printed paper needs no sign-in:{" "}
        <a className="act" href="/p">
          read a paper
        </a>
        .
      </p>
    </Door>
  );
}
