import { useState } from "react";
import { Link } from "react-router";
import { api, ask, Refused, type Schemas, type StoredCompetition } from "../api/client";
import { Message } from "../ui/Message";
import { decide } from "./policies";

type Answer = Schemas["Answer"];

/** One open question: the usual answers, what each leads to on the floor, and which is recommended. */
export function InterviewCard({
  cid,
  wid,
  interview,
  competition,
  done,
}: {
  cid: string;
  wid: string;
  interview: Schemas["InterviewOf"];
  competition: StoredCompetition;
  done: () => Promise<void>;
}) {
  const [skipped, setSkipped] = useState(0);
  const [forAll, setForAll] = useState(false);
  const [words, setWords] = useState("");
  const [error, setError] = useState<Refused | null>(null);
  // The questions that are being answered; when others are there, the next one can be answered at once.
  const [answering, setAnswering] = useState<Schemas["InterviewOf"] | null>(null);
  const busy = answering === interview;
  const at = Math.min(skipped, interview.questions.length - 1);
  const q = interview.questions[at]!;
  const canBeForAll = q.answers.some((a) => a.forAll);
  const run = async (act: () => Promise<unknown>) => {
    setAnswering(interview);
    setError(null);
    try {
      await act();
      setWords("");
      await done();
    } catch (e) {
      setError(e as Refused);
    } finally {
      setAnswering((now) => (now === interview ? null : now));
    }
  };
  const everywhere = (topic: string, answer: string) => decide(competition, [{ topic, answer }]);
  // The answer was worked out for one revision of the draft; it is refused when another window has typed since.
  const inText = (command: Schemas["Command"]) =>
    ask(
      api.POST("/api/workouts/{id}/edit", {
        params: { path: { id: wid } },
        body: { baseRevision: interview.revision, saveId: crypto.randomUUID(), command },
      }),
    );
  const give = (a: Answer) => run(() => (forAll && a.forAll ? everywhere(a.forAll.topic, a.forAll.answer) : inText(a.command)));
  const say = (text: string) => run(() => (forAll ? everywhere(q.id, text) : inText({ kind: "answer", topic: q.id, words: text })));
  return (
    <section aria-labelledby="question">
      <div className="section-head">
        <h2 id="question">
          Question {at + 1} of {interview.questions.length}
        </h2>
        <Link className="act !font-normal text-[0.9rem]" to={`/c/${cid}/w/${wid}`}>
          line {q.line} of the draft
        </Link>
      </div>
      <p className="mt-3 text-[1.25rem] font-bold leading-snug" aria-live="polite">
        {q.asks.english}
      </p>
      <p className="mt-1 max-w-prose text-soft">{q.why.english}</p>
      <ul className="mt-3">
        {q.answers.map((a) => (
          <li key={a.label.english} className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-4 border-b border-rule py-2.5">
            <div>
              <p className="font-bold">
                {a.label.english}
                {a.recommended && <span className="ml-2 text-[0.87rem] text-spruce">recommended</span>}
                {forAll && !a.forAll && <span className="ml-2 text-[0.87rem] font-normal text-soft">this workout only</span>}
              </p>
              {a.onTheFloor.english !== `${a.label.english}.` && <p className="text-[0.93rem] text-soft">{a.onTheFloor.english}</p>}
            </div>
            <button
              className={a.recommended ? "press" : "press-plain"}
              disabled={busy}
              onClick={() => void give(a)}
              aria-label={`Answer: ${a.label.english}`}
            >
              Answer
            </button>
          </li>
        ))}
      </ul>
      {q.written != null && (
        <form
          key={`${q.id} ${q.line} ${q.written}`}
          className="mt-3 flex flex-wrap items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            const text = String(new FormData(e.currentTarget).get("text")).trim();
            if (text && text !== q.written) void run(() => inText({ kind: "write", line: q.line, was: q.written!, text }));
          }}
        >
          <label className="block grow">
            {q.answers.length > 0 ? "Or write the line anew" : "Write the line anew"}
            <input
              className="block w-full font-mono"
              name="text"
              defaultValue={q.written}
              maxLength={300}
              aria-invalid={!!error?.at("text") || !!error?.at("line")}
            />
          </label>
          <button className="press-plain" disabled={busy}>
            Write it
          </button>
        </form>
      )}
      {q.takesWords && (
        <form
          className="mt-3 flex flex-wrap items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault();
            if (words.trim()) void say(words.trim());
          }}
        >
          <label className="block grow">
            In your own words
            <input className="block w-full" value={words} maxLength={300} onChange={(e) => setWords(e.target.value)} />
          </label>
          <button className="press-plain" disabled={busy || !words.trim()}>
            Answer
          </button>
        </form>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
        {canBeForAll && (
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={forAll} onChange={(e) => setForAll(e.target.checked)} /> for every workout of the competition
          </label>
        )}
        {interview.questions.length > 1 && (
          <button className="act" onClick={() => setSkipped((at + 1) % interview.questions.length)}>
            Another question first
          </button>
        )}
      </div>
      {error && (
        <Message
          error={error}
          retry={() => {
            setError(null);
            void done();
          }}
        />
      )}
    </section>
  );
}
