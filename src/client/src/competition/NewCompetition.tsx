import { useState } from "react";
import { useNavigate } from "react-router";
import { api, ask, Refused } from "../api/client";
import { changed } from "../api/queries";
import { blank } from "./blank";

/** The first screen of an empty database. */
export function NewCompetition() {
  const [name, setName] = useState("");
  const [error, setError] = useState<Refused | null>(null);
  const go = useNavigate();
  const create = async () => {
    try {
      const made = await ask(api.POST("/api/competitions", { body: blank(name) }));
      await changed.competitions();
      void go(`/c/${made.id}`);
    } catch (e) {
      setError(e instanceof Refused ? e : null);
    }
  };
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1>Fair Compass</h1>
      <p className="mt-3 max-w-prose">
        There is no competition yet. Give it a name; dates, divisions and kit come next, then you type the first workout.
      </p>
      <form
        className="mt-6"
        onSubmit={(e) => {
          e.preventDefault();
          void create();
        }}
      >
        <label className="block font-semibold" htmlFor="name">
          Name of the competition
        </label>
        <input
          id="name"
          className="mt-1 w-full"
          value={name}
          onChange={(e) => setName(e.target.value)}
          aria-invalid={!!error}
          aria-describedby="name-error"
        />
        <p id="name-error" className="field-error" role="alert">
          {error ? (error.at("name") ?? error.title) : ""}
        </p>
        <button className="press mt-3">Begin</button>
      </form>
    </main>
  );
}
