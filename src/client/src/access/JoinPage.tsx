import { useState } from "react";
import { Link } from "react-router";
import { useQuery } from "@tanstack/react-query";
import { api, ask, Refused } from "../api/client";
import { queries } from "../api/queries";
import { Field } from "../ui/Field";
import { Loading, Message } from "../ui/Message";
import { Door } from "./Door";
import { goOn, tokenHere } from "./session";

/** Uses a link that opens once: the first organiser’s, an invitation, a recovery. */
export function JoinPage() {
  const [token] = useState(tokenHere);
  const opens = useQuery(queries.pass(token));
  const me = useQuery(queries.me()).data?.in;
  const [name, setName] = useState("");
  const [passphrase, setPassphrase] = useState("");
  const [again, setAgain] = useState("");
  const [error, setError] = useState<Refused | null>(null);
  if (opens.isPending) return <Loading what="the link" />;
  if (opens.isError)
    return (
      <Door title="This link opens nothing">
        <div className="mt-4">
          <Message error={opens.error} />
        </div>
        <p className="mt-4">
          <Link className="act" to="/sign-in">
            Sign in
          </Link>
        </p>
      </Door>
    );
  const { kind, competition, role, name: theirs } = opens.data;
  const use = async (body: { name: string; passphrase: string }) => {
    setError(null);
    try {
      await ask(api.POST("/api/pass/use", { body: { token, ...body } }));
      goOn(null);
    } catch (e) {
      setError(e instanceof Refused ? e : new Refused(0, "This could not be done.", undefined, {}, {}));
    }
  };
  const differ = again !== "" && again !== passphrase;
  return (
    <Door title={kind === "first" ? "The first organiser" : kind === "recovery" ? "A new passphrase" : "You are invited"}>
      <p className="mt-2">
        {kind === "first" && "Nobody can sign in yet. Whoever you are now can invite the others."}
        {kind === "recovery" && (
          <>
            For <bdi>{theirs}</bdi>. Everybody who is signed in with this name is signed out.
          </>
        )}
        {kind === "invitation" && (
          <>
            <bdi>{competition}</bdi> asks you to be {role}.
          </>
        )}
      </p>
      {kind === "invitation" && me && !me.byLink && (
        <p className="mt-4">
          <button className="press" onClick={() => void use({ name: "", passphrase: "" })}>
            Accept as {me.name}
          </button>
        </p>
      )}
      <form
        className="mt-4"
        onSubmit={(e) => {
          e.preventDefault();
          if (again === passphrase) void use({ name, passphrase });
        }}
      >
        {kind === "invitation" && me && !me.byLink && <h2>Or with a new account</h2>}
        {kind !== "recovery" && (
          <Field
            label="Your name, as others here read it"
            value={name}
            onChange={setName}
            error={error?.at("name")}
            autoComplete="username"
          />
        )}
        <Field
          className="mt-3"
          label="Passphrase, at least 12 letters"
          type="password"
          value={passphrase}
          onChange={setPassphrase}
          error={error?.at("passphrase")}
          autoComplete="new-password"
        />
        <Field
          className="mt-3"
          label="The same once more"
          type="password"
          value={again}
          onChange={setAgain}
          error={differ ? "The two differ." : undefined}
          autoComplete="new-password"
        />
        <p className="mt-4">
          <button className="press" disabled={!passphrase || again !== passphrase || (kind !== "recovery" && !name.trim())}>
            {kind === "recovery" ? "Set it and sign in" : "Go in"}
          </button>
        </p>
      </form>
      {error && Object.keys(error.errors).length === 0 && (
        <div className="mt-4">
          <Message error={error} />
        </div>
      )}
    </Door>
  );
}
