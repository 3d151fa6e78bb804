import { useState } from "react";
import { api, ask, type Refused } from "../api/client";
import { Field } from "../ui/Field";
import { Message } from "../ui/Message";

/** What is kept about the account: to take along, and to have removed. */
export function Kept() {
  const [passphrase, setPassphrase] = useState("");
  const [error, setError] = useState<Refused | null>(null);
  const remove = async () => {
    setError(null);
    try {
      await ask(api.POST("/api/personal/remove", { body: { passphrase } }));
      location.assign("/sign-in");
    } catch (e) {
      setError(e as Refused);
    }
  };
  return (
    <section className="mt-6" aria-labelledby="kept">
      <h2 id="kept">What is kept about you</h2>
      <p className="text-soft">
        Your name, what you are where, where you are signed in, what you confirmed, and in the log of each competition what you did.
        Organisers see it, and the competition keeps it as long as it keeps its results.{" "}
        <a className="act" href="/api/personal" download="what-is-kept.json">
          Take all of it along
        </a>
      </p>
      <form
        className="mt-3"
        onSubmit={(e) => {
          e.preventDefault();
          void remove();
        }}
      >
        <Field
          label="Your passphrase, to remove the account"
          type="password"
          value={passphrase}
          onChange={setPassphrase}
          error={error?.at("passphrase")}
          autoComplete="current-password"
        />
        <p className="mt-2 text-soft">The log keeps what you did, under the name that you had.</p>
        <p className="mt-3">
          <button className="press-plain" disabled={!passphrase}>
            Remove the account for good
          </button>
        </p>
      </form>
      {error && !error.at("passphrase") && (
        <div className="mt-3">
          <Message error={error} />
        </div>
      )}
    </section>
  );
}
