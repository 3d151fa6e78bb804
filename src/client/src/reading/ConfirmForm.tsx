import { useState } from "react";
import { useQuery } from "@tanstack/react-query";
import { api, ask, Refused, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Message } from "../ui/Message";

/** Confirms a version by name; a judge answers three questions out of its fault table first. */
export function ConfirmForm({ version, judge }: { version: Schemas["VersionOfCode"]; judge: boolean }) {
  const [typed, setTyped] = useState("");
  const [quiz, setQuiz] = useState<Schemas["QuizQuestion"][] | null>(null);
  const [answers, setAnswers] = useState<Record<number, number>>({});
  const [error, setError] = useState<Refused | null>(null);
  const [done, setDone] = useState("");
  // Who is signed in confirms for themselves.
  const mine = useQuery(queries.me()).data?.in?.name;
  const name = mine ?? typed;
  const attempt = async (act: () => Promise<void>) => {
    setError(null);
    try {
      await act();
    } catch (e) {
      setError(e as Refused);
    }
  };
  const confirm = () =>
    attempt(async () => {
      await ask(
        api.POST("/api/published/{code}/confirm", {
          params: { path: { code: version.code } },
          body: { name, judge, answers: (judge ? (quiz ?? []) : []).map((_, i) => answers[i] ?? -1) },
        }),
      );
      setDone(name);
      setQuiz(null);
      setTyped("");
    });
  const begin = () =>
    attempt(async () => {
      setQuiz(await ask(api.GET("/api/published/{code}/quiz", { params: { path: { code: version.code }, query: { name } } })));
      setAnswers({});
    });
  return (
    <section aria-labelledby="confirm">
      <h2 id="confirm" className="section-head">
        Read and understood
      </h2>
      <form
        className="mt-2 space-y-3"
        onSubmit={(e) => {
          e.preventDefault();
          void (judge && !quiz ? begin() : confirm());
        }}
      >
        <label className="block">
          Your name
          <input
            className="block w-64"
            maxLength={80}
            value={name}
            readOnly={mine !== undefined}
            aria-invalid={!!error?.at("name")}
            onChange={(e) => {
              setTyped(e.target.value);
              setQuiz(null);
              setDone("");
            }}
          />
        </label>
        {judge &&
          quiz?.map((q, i) => (
            <fieldset key={i}>
              <legend className="font-semibold">
                {q.movement.english}: {q.sign.english} What do you call?
              </legend>
              {q.calls.map((c, j) => (
                <label key={j} className="flex items-center gap-2">
                  <input
                    type="radio"
                    name={`q${i}`}
                    className="min-h-0"
                    checked={answers[i] === j}
                    onChange={() => setAnswers({ ...answers, [i]: j })}
                  />{" "}
                  “{c.english}”
                </label>
              ))}
            </fieldset>
          ))}
        {error?.at("answers") && (
          <p role="alert" className="field-error">
            {error.at("answers")}
          </p>
        )}
        <button className="press">
          {judge && !quiz ? "Three questions first" : `I have read and understood version ${version.number}`}
        </button>
        {done && (
          <p role="status" className="font-semibold text-spruce">
            <bdi>{done}</bdi> has confirmed version {version.number}.
          </p>
        )}
        {error && <Message error={error} />}
      </form>
    </section>
  );
}
