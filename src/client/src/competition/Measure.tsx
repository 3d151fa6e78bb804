import { useState } from "react";
import { Field } from "../ui/Field";

const number = /^\d{1,4}(\.\d{1,4})?$/;

interface Of {
  label: string;
  value: number | null | undefined;
  error?: string;
  hideLabel?: boolean;
}

/** A field that keeps what is typed until it is a number, or empty where it may be. */
function Typed({ label, value, error, hideLabel, optional, onChange }: Of & { optional: boolean; onChange: (n: number | null) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const empty = typed?.trim() === "";
  const wrong = typed !== null && !(optional && empty) && !number.test(typed.trim());
  return (
    <div
      onBlur={() => {
        if (!wrong) setTyped(null);
      }}
    >
      <Field
        label={label}
        hideLabel={hideLabel}
        value={typed ?? (value == null ? "" : String(value))}
        className={hideLabel ? "w-[4.2rem] sm:w-24" : "min-w-28 [&_input]:w-28"}
        error={wrong ? (typed.includes(",") ? "Write a point: 22.5" : "A number such as 2.5") : error}
        onChange={(v) => {
          setTyped(v);
          if (number.test(v.trim())) onChange(Number(v));
          else if (optional && v.trim() === "") onChange(null);
        }}
      />
    </div>
  );
}

/** A number that must be there. */
export const Measure = (p: Of & { onChange: (n: number) => void }) => (
  <Typed
    {...p}
    optional={false}
    onChange={(n) => {
      if (n !== null) p.onChange(n);
    }}
  />
);

/** A number that may be unknown: empty is null. */
export const MaybeMeasure = (p: Of & { onChange: (n: number | null) => void }) => <Typed {...p} optional />;
