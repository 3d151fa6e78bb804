import type { Schemas } from "../api/client";
import type { Reading } from "./words";

/** What the text leaves open, each to be answered in place; then what was not understood, and what is kept as a note. */
export function Open({
  reading,
  text,
  onLine,
  onAnswer,
}: {
  reading: Reading;
  /** The text that was read. */
  text: string;
  onLine: (line: number) => void;
  onAnswer: (edit: Schemas["TextEdit"]) => void;
}) {
  return (
    <>
      {reading.open.length > 0 && (
        <section className="mt-6 max-w-prose">
          <h2>What the text leaves open</h2>
          <ul className="mt-1">
            {reading.open.map((q, i) => (
              <li key={i} className="border-t border-rule py-2 first:border-t-0" onMouseEnter={() => onLine(q.at.line)}>
                <p>
                  <span className="text-soft">line {q.at.line}</span> {q.sentence}
                </p>
                {q.options.length > 0 ? (
                  <div className="mt-1 flex flex-wrap gap-2" role="group" aria-label={q.sentence}>
                    {q.options.map((o) => (
                      <button
                        key={o.label}
                        className="press-plain"
                        title={o.means}
                        onFocus={() => onLine(q.at.line)}
                        onClick={() => onAnswer(o.edit)}
                      >
                        {o.label}
                      </button>
                    ))}
                  </div>
                ) : (
                  <p className="text-soft">Write it in your words, or leave it open: it is asked again at the draft.</p>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      {reading.draft && (
        <>
          <Pieces
            title="Not understood"
            lead="These words stand nowhere in the draft."
            pieces={reading.unread.map((u) => ({ line: u.at.line, words: u.words }))}
            onLine={onLine}
          />
          <Pieces
            title="Kept as notes"
            lead="They are no rule, so nothing is counted or judged by them; they stand in the draft as notes."
            pieces={reading.remarks.map((r) => ({ line: r.at.line, words: wordsAt(text, r.at) }))}
            onLine={onLine}
          />
        </>
      )}
    </>
  );
}

const wordsAt = (text: string, at: Schemas["SourceRange"]) =>
  (text.split("\n")[at.line - 1] ?? "").slice(at.column - 1, at.column - 1 + at.length).trim();

/** Pieces of the text, each with its line. */
function Pieces({
  title,
  lead,
  pieces,
  onLine,
}: {
  title: string;
  lead: string;
  pieces: { line: number; words: string }[];
  onLine: (line: number) => void;
}) {
  if (pieces.length === 0) return null;
  return (
    <section className="mt-6 max-w-prose">
      <h2>{title}</h2>
      <p className="text-soft">{lead}</p>
      <ul className="mt-1">
        {pieces.map((p, i) => (
          <li key={i} className="py-0.5">
            <button className="act" onFocus={() => onLine(p.line)} onMouseEnter={() => onLine(p.line)} onClick={() => onLine(p.line)}>
              line {p.line}
            </button>{" "}
            <q>{p.words}</q>
          </li>
        ))}
      </ul>
    </section>
  );
}
