import { useId } from "react";

/** A labelled field with its objection under it. */
export function Field({
  label,
  value,
  onChange,
  error,
  type = "text",
  hideLabel = false,
  className = "",
  list,
  autoComplete,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  error?: string;
  type?: string;
  hideLabel?: boolean;
  className?: string;
  list?: string;
  /** What a keeper of passphrases may fill in (HTML, autofill). */
  autoComplete?: string;
}) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? "sr-only" : "block font-semibold"}>
        {label}
      </label>
      <input
        id={id}
        type={type}
        list={list}
        autoComplete={autoComplete}
        className="mt-0.5 w-full"
        value={value}
        onChange={(e) => onChange(e.target.value)}
        aria-invalid={!!error}
        aria-describedby={error ? `${id}-e` : undefined}
      />
      {error && (
        <p id={`${id}-e`} className="field-error" role="alert">
          {error}
        </p>
      )}
    </div>
  );
}
