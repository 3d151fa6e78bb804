import { tied, type Reading } from "./words";

/** The draft, each line tied to the words it comes from: by the pointer and by the keyboard. */
export function Tied({ reading, line, onLine }: { reading: Reading; line: number; onLine: (line: number) => void }) {
  return (
    <ol className="mt-2 overflow-x-auto border border-rule bg-paper py-2 font-mono text-[0.95rem] leading-[1.6rem]">
      {tied(reading).map((l, i) => (
        <li key={i} className="min-h-[1.6rem]">
          {l.text && (
            <button
              className={`block w-full px-2 text-left whitespace-pre ${l.from > 0 && l.from === line ? "bg-wash" : ""}`}
              title={l.from > 0 ? `line ${l.from}: ${l.how}` : l.how}
              aria-label={`${l.text.trim()}, ${l.from > 0 ? `from line ${l.from}` : "implied"}: ${l.how}`}
              onMouseEnter={() => onLine(l.from)}
              onFocus={() => onLine(l.from)}
              onClick={() => onLine(l.from)}
            >
              {l.text}
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}
