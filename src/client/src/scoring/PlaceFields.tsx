import type { Schemas } from "../api/client";
import { Field } from "../ui/Field";

/** A place in the ledger as it is typed. */
export type Stood = { round: string; task: number; unit: string; option: number };

/** A place in the ledger instead of a count: the server turns it into one. */
export function PlaceFields({
  label,
  hint,
  tasks,
  value,
  error,
  onChange,
}: {
  label: string;
  hint: string;
  tasks: Schemas["CardTask"][];
  value: Stood;
  error?: string;
  onChange: (v: Stood) => void;
}) {
  const task = tasks.find((t) => t.index === value.task) ?? tasks[0];
  if (!task) return null;
  return (
    <fieldset>
      <legend className="font-semibold">{label}</legend>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {task.inRounds && (
          <>
            round{" "}
            <Field
              label={`${label}: round`}
              hideLabel
              value={value.round}
              className="w-20"
              onChange={(v) => onChange({ ...value, round: v })}
            />
          </>
        )}
        <select
          aria-label={`${label}: task`}
          className="max-w-52"
          value={task.index}
          onChange={(e) => onChange({ ...value, task: Number(e.target.value), option: 0 })}
        >
          {tasks.map((t) => (
            <option key={t.index} value={t.index}>
              {t.name}
            </option>
          ))}
        </select>
        {task.options.length > 1 && (
          <select
            aria-label={`${label}: option`}
            className="max-w-60"
            value={value.option}
            onChange={(e) => onChange({ ...value, option: Number(e.target.value) })}
          >
            {task.options.map((o, i) => (
              <option key={o} value={i}>
                {o}
              </option>
            ))}
          </select>
        )}
        <Field
          label={`${label}: ${task.word} of it`}
          hideLabel
          value={value.unit}
          className="w-20"
          onChange={(v) => onChange({ ...value, unit: v })}
        />{" "}
        {task.word === "rep" ? "reps" : task.word}
      </div>
      {error ? (
        <p className="field-error" role="alert">
          {error}
        </p>
      ) : (
        <p className="text-[0.9rem] text-soft">{hint}</p>
      )}
    </fieldset>
  );
}
