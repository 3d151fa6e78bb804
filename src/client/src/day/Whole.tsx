import { useState } from "react";
import { Field } from "../ui/Field";

/** A whole number; an empty field is null where that is an answer. */
export function Whole<T extends number | null>({
  label,
  value,
  onChange,
  error,
  optional = false,
}: {
  label: string;
  value: T;
  onChange: (value: T) => void;
  error?: string;
  optional?: boolean;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Field
      label={label}
      className="w-24 min-w-fit [&>input]:!w-24"
      value={typed ?? (value === null ? "" : String(value))}
      onChange={(v) => {
        setTyped(v);
        if (/^\d{1,9}$/.test(v.trim())) onChange(Number(v) as T);
        else if (optional && v.trim() === "") onChange(null as T);
      }}
      error={
        error ?? (typed !== null && !/^\d{1,9}$/.test(typed.trim()) && !(optional && typed.trim() === "") ? "A whole number." : undefined)
      }
    />
  );
}
