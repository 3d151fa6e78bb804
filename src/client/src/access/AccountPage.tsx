import { useState } from "react";
import { Link } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { api, ask, type Refused } from "../api/client";
import { queries } from "../api/queries";
import { Field } from "../ui/Field";
import { Loading, Message } from "../ui/Message";
import { when } from "../ui/days";
import { Door } from "./Door";
import { Kept } from "./Kept";
import { Passkeys } from "./Passkeys";
import { SignOut } from "./SignOut";

/** Where one is signed in, and another passphrase. */
export function AccountPage() {
  const me = useQuery(queries.me());
  const sessions = useQuery(queries.sessions());
  const [now, setNow] = useState("");
  const [next, setNext] = useState("");
  const [error, setError] = useState<Refused | null>(null);
  if (me.isPending || sessions.isPending) return <Loading what="your account" />;
  if (sessions.isError)
    return (
      <main className="p-8">
        <Message error={sessions.error} retry={() => void sessions.refetch()} />
      </main>
    );
  // Both end the session here too.
  const run = async (work: () => Promise<unknown>) => {
    setError(null);
    try {
      await work();
      location.assign("/sign-in");
    } catch (e) {
      setError(e as Refused);
    }
  };
  return (
    <Door title={me.data?.in?.name ?? ""}>
      <p>
        <Link className="act" to="/">
          Back to the competition
        </Link>{" "}
        · <SignOut />
      </p>
      <section className="mt-6" aria-labelledby="where">
        <h2 id="where">Signed in</h2>
        <ul>
          {sessions.data.map((s) => (
            <li key={s.id} className="border-b border-rule py-1.5 text-[0.93rem]">
              <span className="block truncate" title={s.agent}>
                {s.agent || "no name"}
              </span>
              <span className="text-soft">
                from {s.address}, since {when(s.at)}, last {when(s.seen)}
              </span>
            </li>
          ))}
        </ul>
        <p className="mt-3">
          <button className="press-plain" onClick={() => void run(() => ask(api.DELETE("/api/sessions")))}>
            Sign out everywhere
          </button>
        </p>
      </section>
      <Passkeys />
      <section className="mt-6" aria-labelledby="change">
        <h2 id="change">Another passphrase</h2>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            void run(() => ask(api.POST("/api/passphrase", { body: { now, passphrase: next } })));
          }}
        >
          <Field
            className="mt-2"
            label="The one you have"
            type="password"
            value={now}
            onChange={setNow}
            error={error?.at("now")}
            autoComplete="current-password"
          />
          <Field
            className="mt-3"
            label="The new one, at least 12 letters"
            type="password"
            value={next}
            onChange={setNext}
            error={error?.at("passphrase")}
            autoComplete="new-password"
          />
          <p className="mt-3">
            <button className="press-plain" disabled={!now || !next}>
              Change it; every session ends
            </button>
          </p>
        </form>
      </section>
      <Kept />
      {error && Object.keys(error.errors).length === 0 && (
        <div className="mt-4">
          <Message error={error} />
        </div>
      )}
    </Door>
  );
}
