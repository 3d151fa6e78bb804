import type { Schemas } from "../api/client";
import type { Reading } from "./words";

/** What the text leaves open, each to be answered in place; then what was not understood. */
export function Open({
  reading,
  onLine,
  onAnswer,
}: {
  reading: Reading;
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
      {reading.unread.length > 0 && reading.draft && (
        <section className="mt-6 max-w-prose">
          <h2>Not understood</h2>
          <p className="text-soft">These words stand nowhere in the draft.</p>
          <ul className="mt-1">
            {reading.unread.map((u, i) => (
              <li key={i} className="py-0.5">
                <button
                  className="act"
                  onFocus={() => onLine(u.at.line)}
                  onMouseEnter={() => onLine(u.at.line)}
                  onClick={() => onLine(u.at.line)}
                >
                  line {u.at.line}
                </button>{" "}
                <q>{u.words}</q>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
