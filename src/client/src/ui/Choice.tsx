import { ToggleGroup } from "radix-ui";

/** One of a few, as underlined words; arrow keys move between them. */
export function Choice<T extends string>({
  label,
  value,
  of,
  onChange,
  text,
}: {
  label: string;
  value: T;
  of: readonly T[];
  onChange: (value: T) => void;
  text?: (value: T) => string;
}) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(v) => v && onChange(v as T)}
      className="flex flex-wrap gap-x-4"
    >
      {of.map((v) => (
        <ToggleGroup.Item key={v} value={v} className="under">
          <bdi>{text ? text(v) : v}</bdi>
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
