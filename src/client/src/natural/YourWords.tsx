import { useRef, useState } from "react";

const height = 1.6; // rem, as the class says

/** The text itself, with the line marked that the reading at hand comes from. */
export function YourWords({
  text,
  onChange,
  line,
  onLine,
}: {
  text: string;
  onChange: (text: string) => void;
  /** The line to mark, from 1; 0 for none. */
  line: number;
  /** The caret moved. */
  onLine: (place: number) => void;
}) {
  const area = useRef<HTMLTextAreaElement>(null);
  const [scrolled, setScrolled] = useState(0);
  return (
    <section>
      <h2>
        <label htmlFor="your-words">Your words</label>
      </h2>
      <div className="relative mt-2 overflow-hidden border border-rule bg-paper">
        {line > 0 && (
          <div
            aria-hidden="true"
            className="pointer-events-none absolute inset-x-0 bg-wash"
            style={{ top: `calc(0.5rem + ${(line - 1) * height}rem - ${scrolled}px)`, height: `${height}rem` }}
          />
        )}
        <textarea
          id="your-words"
          ref={area}
          wrap="off"
          spellCheck={false}
          rows={18}
          className="relative block w-full resize-y overflow-auto border-0 bg-transparent p-2 font-mono text-[0.95rem] leading-[1.6rem]"
          value={text}
          placeholder={"AMRAP 12\n10 thrusters 43/30 kg\n15 T2B\n20 cal row"}
          onChange={(e) => onChange(e.target.value)}
          onScroll={(e) => setScrolled(e.currentTarget.scrollTop)}
          onSelect={(e) => onLine(e.currentTarget.selectionStart)}
          onKeyDown={(e) => {
            // A tab is a column of a table here; Escape leaves the field for who moves by keys.
            if (e.key === "Escape") area.current?.blur();
          }}
        />
      </div>
    </section>
  );
}
