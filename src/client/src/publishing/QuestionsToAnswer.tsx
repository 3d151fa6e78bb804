import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, asJson, Refused, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Message } from "../ui/Message";

/** What readers asked: each is answered once; a ruling becomes a clause and makes a new version. */
export function QuestionsToAnswer({ wid, done }: { wid: string; done: () => Promise<void> }) {
  const questions = useQuery(queries.questions(wid));
  const movements = useQuery(queries.movements(wid)).data ?? [];
  const list = questions.data ?? [];
  const open = list.filter((q) => q.question.answer === null).length;
  return (
    <section aria-labelledby="asked">
      <h2 id="asked" className="section-head">
        Readers ask{open > 0 && <span className="text-ochre">{open} open</span>}
      </h2>
      {list.length === 0 && <p className="py-2 text-soft">Nobody has asked yet. Who has a published brief can ask on any of its lines.</p>}
      {list.map((q) => (
        <Asked key={q.question.id} asked={q} movements={movements} done={done} />
      ))}
    </section>
  );
}

function Asked({
  asked: { question: q, similar },
  movements,
  done,
}: {
  asked: Schemas["QuestionToAnswer"];
  movements: string[];
  done: () => Promise<void>;
}) {
  const [body, setBody] = useState("");
  const [rules, setRules] = useState(false);
  const [movement, setMovement] = useState("");
  const [text, setText] = useState("");
  const [from, setFrom] = useState("");
  const [error, setError] = useState<Refused | null>(null);
  const send = async () => {
    setError(null);
    try {
      await ask(
        api.POST("/api/questions/{question}/answer", {
          params: { path: { question: q.id } },
          body: { body, ruling: rules ? { movement: movement || movements[0] || "", text, holdsFrom: from } : null },
        }),
      );
      await done();
    } catch (e) {
      setError(e as Refused);
    }
  };
  const forget = async () => {
    setError(null);
    try {
      await ask(api.POST("/api/questions/{question}/forget", { params: { path: { question: q.id } }, ...asJson }));
      await done();
    } catch (e) {
      setError(e as Refused);
    }
  };
  const show = async (shown: boolean) => {
    setError(null);
    try {
      await ask(api.PUT("/api/questions/{question}/shown", { params: { path: { question: q.id } }, body: { shown } }));
      await done();
    } catch (e) {
      setError(e as Refused);
    }
  };
  return (
    <article className="border-b border-rule py-3">
      <p className="text-[0.9rem] text-soft">
        Version {q.number}
        {q.askedBy && (
          <>
            {" "}
            · <bdi>{q.askedBy}</bdi>
          </>
        )}
        {q.contact && (
          <>
            {" "}
            · <bdi>{q.contact}</bdi>
          </>
        )}
        {(q.askedBy || q.contact) && (
          <>
            {" "}
            <button className="act" onClick={() => void forget()}>
              Take the name off
            </button>
          </>
        )}{" "}
        · on “<bdi>{q.line}</bdi>”
        {q.answer === null && (
          <>
            {" "}
            · {q.shown ? "readers see it" : "readers do not see it"}{" "}
            <button className="act" onClick={() => void show(!q.shown)}>
              {q.shown ? "Take it from their sight" : "Let readers see it"}
            </button>
          </>
        )}
      </p>
      <p className="font-semibold">
        <bdi>{q.body}</bdi>
      </p>
      {q.answer !== null ? (
        <p>
          <b>Answer</b> <bdi>{q.answer}</bdi>
          {q.rulingIn !== null && <span className="text-soft"> · ruling, in version {q.rulingIn}</span>}
        </p>
      ) : (
        <form
          className="mt-2 space-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            void send();
          }}
        >
          {similar.map((s) => (
            <p key={s.body} className="text-[0.9rem] text-soft">
              Before: “<bdi>{s.body}</bdi>” — <bdi>{s.answer}</bdi>{" "}
              <button type="button" className="act" onClick={() => setBody(s.answer)}>
                Use this answer
              </button>
            </p>
          ))}
          <label className="block">
            Answer
            <textarea
              className="block w-full"
              rows={2}
              maxLength={1200}
              value={body}
              aria-invalid={!!error?.at("body")}
              onChange={(e) => setBody(e.target.value)}
            />
          </label>
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={rules} onChange={(e) => setRules(e.target.checked)} /> It becomes a rule, in a new version
          </label>
          {rules && (
            <div className="flex flex-wrap gap-3">
              <label className="block">
                Movement
                <select className="block" value={movement || movements[0]} onChange={(e) => setMovement(e.target.value)}>
                  {movements.map((m) => (
                    <option key={m}>{m}</option>
                  ))}
                </select>
              </label>
              <label className="block grow">
                The rule, in one sentence
                <input
                  className="block w-full"
                  maxLength={240}
                  value={text}
                  aria-invalid={!!error?.at("ruling.text")}
                  onChange={(e) => setText(e.target.value)}
                />
              </label>
              <label className="block">
                Holds from
                <input className="block" maxLength={120} value={from} onChange={(e) => setFrom(e.target.value)} />
              </label>
            </div>
          )}
          <button className="press">Send the answer</button>
          {error && <Message error={error} />}
        </form>
      )}
    </article>
  );
}
