import type { Schemas } from "../api/client";
import { Field } from "../ui/Field";
import { dayOf, dayWords, fromField, hour, toField } from "./localTime";
import { Whole } from "./Whole";

type Post = Schemas["MeasuringPost"];

/** Who is measured when, before their first workout that needs it. */
export function MeasuringList({ measured }: { measured: readonly Schemas["Measured"][] }) {
  const placed = measured.filter((m) => m.starts !== null);
  const days = [...new Set(placed.map((m) => dayOf(m.starts!)))];
  return (
    <details className="mt-3">
      <summary className="font-semibold">
        Measuring{" "}
        <span className="font-normal text-soft">
          {measured.length} {measured.length === 1 ? "athlete" : "athletes"}
          {placed.length < measured.length && `, ${measured.length - placed.length} without a time: add a post under “Sessions and rules”`}
        </span>
      </summary>
      {days.map((d) => (
        <section key={d} aria-label={`Measuring, ${dayWords(d)}`}>
          <h2 className="mt-2 text-base">{dayWords(d)}</h2>
          <ol className="max-h-80 overflow-y-auto md:columns-3">
            {placed
              .filter((m) => dayOf(m.starts!) === d)
              .map((m) => (
                <li key={m.person.id} className="break-inside-avoid">
                  <span className="mono">{hour(m.starts!)}</span> <bdi>{m.person.name}</bdi>{" "}
                  <span className="text-soft">
                    <bdi>{m.post?.place}</bdi>
                  </span>
                </li>
              ))}
          </ol>
        </section>
      ))}
    </details>
  );
}

/** The posts where athletes are measured. */
export function MeasuringPosts({
  posts,
  day,
  at,
  onChange,
}: {
  posts: readonly Post[];
  day: string;
  at: (path: string) => string | undefined;
  onChange: (posts: Post[]) => void;
}) {
  const change = (i: number, p: Partial<Post>) => onChange(posts.map((x, j) => (j === i ? { ...x, ...p } : x)));
  return (
    <fieldset className="mt-3 border-t border-rule pt-2">
      <legend className="sr-only">Where athletes are measured</legend>
      {posts.map((p, i) => (
        <div key={p.id} className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-2">
          <Field
            label="Measuring opens"
            type="datetime-local"
            value={toField(p.starts)}
            onChange={(v) => change(i, { starts: fromField(v) })}
            error={at(`measuring[${i}].starts`)}
          />
          <Field
            label="Where"
            className="w-40"
            value={p.place}
            onChange={(place) => change(i, { place })}
            error={at(`measuring[${i}].place`)}
          />
          <Whole
            label="Minutes a head"
            value={p.minutes}
            onChange={(minutes) => change(i, { minutes })}
            error={at(`measuring[${i}].minutes`)}
          />
          <Whole label="At once" value={p.atOnce} onChange={(atOnce) => change(i, { atOnce })} error={at(`measuring[${i}].atOnce`)} />
          <button
            type="button"
            className="act mb-1.5 !font-normal"
            aria-label={`Take out the post ${p.place}`}
            onClick={() => onChange(posts.filter((x) => x.id !== p.id))}
          >
            Take out
          </button>
        </div>
      ))}
      <button
        type="button"
        className="act"
        onClick={() =>
          onChange([...posts, { id: crypto.randomUUID(), starts: `${day}T07:30:00`, place: "Measuring", minutes: 3, atOnce: 1 }])
        }
      >
        Add a measuring post
      </button>
    </fieldset>
  );
}
