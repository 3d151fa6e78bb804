import { useId, useRef } from "react";

/** A button that takes a file of this computer, as text or as it is. */
export function FileButton({
  label,
  accept,
  onText,
  onFile,
  className = "act",
}: {
  label: string;
  accept: string;
  onText?: (text: string) => void;
  onFile?: (file: File) => void;
  className?: string;
}) {
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} onClick={() => input.current?.click()}>
        {label}
      </button>
      <input
        ref={input}
        id={id}
        type="file"
        accept={accept}
        className="sr-only"
        aria-label={label}
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = "";
          if (file && onText) void file.text().then(onText);
          if (file && onFile) onFile(file);
        }}
      />
    </>
  );
}
