import { useId, useRef } from "react";

/** A button that reads a file of this computer as text. */
export function FileButton({
  label,
  accept,
  onText,
  className = "act",
}: {
  label: string;
  accept: string;
  onText: (text: string) => void;
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
          if (file) void file.text().then(onText);
        }}
      />
    </>
  );
}
