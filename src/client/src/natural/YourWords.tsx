import { useRef, useState } from "react";
import { FileButton } from "../ui/FileButton";
import { hasStructure, textOf } from "./files";

const height = 1.6; // rem, as the class says

/** The text itself, with the line marked that the reading at hand comes from. */
export function YourWords({
  text,
  onChange,
  line,
  onLine,
  onFile,
}: {
  text: string;
  onChange: (text: string) => void;
  /** The line to mark, from 1; 0 for none. */
  line: number;
  /** The caret moved. */
  onLine: (place: number) => void;
  /** A file is to be read in place of the text. */
  onFile: (file: File) => void;
}) {
  const area = useRef<HTMLTextAreaElement>(null);
  const [scrolled, setScrolled] = useState(0);
  return (
    <section>
      <div className="flex items-baseline justify-between gap-4">
        <h2>
          <label htmlFor="your-words">Your words</label>
        </h2>
        <FileButton label="Open a file" accept=".txt,.md,.csv,.html,.htm,.xlsx,.docx,.pdf,text/plain" onFile={onFile} />
      </div>
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
          onPaste={(e) => {
            const html = e.clipboardData.getData("text/html");
            const plain = e.clipboardData.getData("text/plain");
            if (!hasStructure(html, plain)) return;
            e.preventDefault();
            const { selectionStart: from, selectionEnd: to, value } = e.currentTarget;
            const put = (words: string) => onChange(value.slice(0, from) + words + value.slice(to));
            // A server that does not answer leaves the words as the clipboard has them.
            textOf(new Blob([html]), "clipboard.html").then(put, () => put(plain));
          }}
          onDragOver={(e) => {
            if (e.dataTransfer.types.includes("Files")) e.preventDefault();
          }}
          onDrop={(e) => {
            const file = e.dataTransfer.files[0];
            if (!file) return;
            e.preventDefault();
            onFile(file);
          }}
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
