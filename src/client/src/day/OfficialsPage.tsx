import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, ask, type Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { textOf } from "../natural/files";
import { Field } from "../ui/Field";
import { FileButton } from "../ui/FileButton";
import { Leaf } from "../ui/Leaf";
import { Loading, Message } from "../ui/Message";
import { dayOf, dayWords } from "./localTime";
import { useRights } from "./useRights";

type Official = Schemas["Official"];

const kinds: readonly [Schemas["OfficialKind"], string, string][] = [
  ["Judge", "Judges", "judge"],
  ["Caller", "Callers", "caller"],
  ["Crew", "Floor crew", "one of the crew"],
  ["Desk", "Score desk", "one of the desk"],
];

const experience = ["the first time", "has judged", "has judged much"];

/** Who judges and who helps, with what the plan has to know of them. */
export function OfficialsPage() {
  const { cid = "" } = useParams();
  const may = useRights(cid)("EnterPeople");
  const found = useQuery(queries.officials(cid));
  const [open, setOpen] = useState<Official | null>(null);
  if (found.isPending) return <Loading what="the judges" />;
  if (found.isError)
    return (
      <main className="p-6">
        <Message error={found.error} retry={() => void found.refetch()} />
      </main>
    );
  return (
    <main className="px-6 py-4">
      <h1>Judges and helpers</h1>
      {may && <Paste cid={cid} />}
      {kinds.map(([kind, title]) => {
        const mine = found.data.filter((o) => o.kind === kind);
        if (mine.length === 0) return null;
        return (
          <section key={kind} className="mt-5" aria-label={title}>
            <div className="section-head">
              <h2>{title}</h2>
              <span className="text-soft">{mine.length}</span>
            </div>
            <ul className="md:columns-2 md:gap-10">
              {mine.map((o) => (
                <li key={o.id} className="flex break-inside-avoid flex-wrap justify-between gap-x-3 border-b border-rule py-1">
                  <span className="min-w-0">
                    {may ? (
                      <button className="act !font-semibold" onClick={() => setOpen(o)}>
                        <bdi>{o.name}</bdi>
                      </button>
                    ) : (
                      <bdi className="font-semibold">{o.name}</bdi>
                    )}{" "}
                    <bdi className="text-soft">{o.gym}</bdi>
                    {(o.breaks.length > 0 || o.notEntries.length > 0 || o.days.length > 0) && (
                      <span className="block text-soft">
                        {[
                          ...o.days.map((d) => dayWords(d)),
                          ...o.breaks.map((b) => `off ${b.from.slice(0, 5)} to ${b.until.slice(0, 5)}`),
                          o.notEntries.length > 0 ? `not before ${o.notEntries.length} of the entries` : "",
                        ]
                          .filter(Boolean)
                          .join(", ")}
                      </span>
                    )}
                  </span>
                  {kind === "Judge" && (
                    <span className="whitespace-nowrap">
                      <span className="text-soft">
                        {experience[o.experience]}
                        {!!o.briefed?.length && `, ${o.briefed.length} confirmed`}
                      </span>{" "}
                      <Link className="act ml-3" to={`/times/${cid}?judge=${o.id}`} aria-label={`Times of ${o.name}`}>
                        Times
                      </Link>
                    </span>
                  )}
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      {open && <OfficialLeaf cid={cid} official={open} onClose={() => setOpen(null)} />}
    </main>
  );
}

function Paste({ cid }: { cid: string }) {
  const [kind, setKind] = useState<Schemas["OfficialKind"]>("Judge");
  const [text, setText] = useState("");
  const [failed, setFailed] = useState<Refused | null>(null);
  return (
    <form
      className="mt-3 border-y border-rule py-2"
      onSubmit={(e) => {
        e.preventDefault();
        setFailed(null);
        ask(api.POST("/api/competitions/{id}/officials", { params: { path: { id: cid } }, body: { kind, text } }))
          .then(() => setText(""))
          .catch((x: unknown) => setFailed(x as Refused))
          .finally(() => void changed.officials(cid));
      }}
    >
      <label>
        <span className="block font-semibold">Add, one a line; the gym behind a comma</span>
        <textarea className="w-full max-w-xl" rows={2} value={text} onChange={(e) => setText(e.target.value)} />
      </label>
      {failed?.at("text") && (
        <p role="alert" className="field-error">
          {failed.at("text")}
        </p>
      )}
      {failed && !failed.at("text") && <Message error={failed} />}
      <div className="mt-1 flex flex-wrap items-center gap-4">
        <label>
          as{" "}
          <select value={kind} onChange={(e) => setKind(e.target.value as Schemas["OfficialKind"])}>
            {kinds.map(([k, , one]) => (
              <option key={k} value={k}>
                {one}
              </option>
            ))}
          </select>
        </label>
        <button className="press-plain" disabled={!text.trim()}>
          Add
        </button>
        <FileButton
          label="From a file (.csv, .xlsx)"
          accept=".csv,.xlsx,.txt,.tsv"
          onFile={(file) => void textOf(file, file.name).then(setText, (e: unknown) => setFailed(e as Refused))}
        />
      </div>
    </form>
  );
}

function OfficialLeaf({ cid, official, onClose }: { cid: string; official: Official; onClose: () => void }) {
  const [now, setNow] = useState(official);
  // An empty row stands below the breaks that there are, for another one.
  const [breaks, setBreaks] = useState([
    ...official.breaks.map((b) => [b.from.slice(0, 5), b.until.slice(0, 5)] as const),
    ["", ""] as const,
  ]);
  const days = useQuery(queries.plan(cid)).data?.plan.sessions.map((s) => dayOf(s.starts)) ?? [];
  const [find, setFind] = useState("");
  const [failed, setFailed] = useState<Refused | null>(null);
  const entries = useQuery(queries.entries(cid)).data?.entries.map((e) => e.entry) ?? [];
  const named = (e: Schemas["Entry"]) => e.team || e.members.map((m) => m.name).join(" / ");
  const words = find.trim().toLowerCase();
  const matches =
    words.length < 2
      ? []
      : entries.filter((e) => !now.notEntries.includes(e.id) && `${e.bib} ${named(e)}`.toLowerCase().includes(words)).slice(0, 8);
  const done = (work: Promise<unknown>) => {
    setFailed(null);
    work
      .then(onClose)
      .catch((x: unknown) => setFailed(x as Refused))
      .finally(() => void changed.officials(cid));
  };
  const path = { id: cid, official: official.id };
  return (
    <Leaf open onClose={onClose} title={official.name}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          const { kind, name, gym, days, notEntries, experience: known } = now;
          done(
            ask(
              api.PUT("/api/competitions/{id}/officials/{official}", {
                params: { path },
                body: {
                  kind,
                  name,
                  gym,
                  days,
                  notEntries,
                  breaks: breaks.filter(([f, u]) => f && u).map(([f, u]) => ({ from: f + ":00", until: u + ":00" })),
                  experience: known,
                },
              }),
            ),
          );
        }}
      >
        <div className="grid gap-3 md:grid-cols-2">
          <Field label="Name" value={now.name} onChange={(name) => setNow({ ...now, name })} error={failed?.at("name")} />
          <Field
            label="Gym, whose athletes they do not judge"
            value={now.gym}
            onChange={(gym) => setNow({ ...now, gym })}
            error={failed?.at("gym")}
          />
        </div>
        {now.kind === "Judge" && (
          <>
            <fieldset>
              <legend className="font-semibold">Off</legend>
              {breaks.map(([from, until], i) => {
                const set = (f: string, u: string) => {
                  const now = breaks.map((b, j) => (j === i ? ([f, u] as const) : b));
                  setBreaks(now.at(-1)!.every(Boolean) ? [...now, ["", ""]] : now);
                };
                return (
                  <div key={i} className="mb-1 flex flex-wrap items-end gap-4">
                    <Field
                      label={`From, break ${i + 1}`}
                      hideLabel={i > 0}
                      type="time"
                      value={from}
                      onChange={(f) => set(f, until)}
                      error={i === 0 ? failed?.at("breaks") : undefined}
                    />
                    <Field label={`until, break ${i + 1}`} hideLabel={i > 0} type="time" value={until} onChange={(u) => set(from, u)} />
                  </div>
                );
              })}
            </fieldset>
            {new Set([...days, ...now.days]).size > 1 && (
              <fieldset>
                <legend className="font-semibold">There on (none ticked: every day)</legend>
                {[...new Set([...days, ...now.days])].sort().map((d) => (
                  <label key={d} className="tick mr-4">
                    <input
                      type="checkbox"
                      checked={now.days.includes(d)}
                      onChange={(e) => setNow({ ...now, days: e.target.checked ? [...now.days, d] : now.days.filter((x) => x !== d) })}
                    />{" "}
                    {dayWords(d)}
                  </label>
                ))}
              </fieldset>
            )}
            <div className="flex flex-wrap items-end gap-4">
              <label>
                <span className="block font-semibold">Experience</span>
                <select value={now.experience} onChange={(e) => setNow({ ...now, experience: Number(e.target.value) })}>
                  {experience.map((w, i) => (
                    <option key={w} value={i}>
                      {w}
                    </option>
                  ))}
                </select>
              </label>
            </div>
            <fieldset>
              <legend className="font-semibold">Does not judge (relatives, own athletes)</legend>
              <ul>
                {now.notEntries.map((id) => (
                  <li key={id}>
                    <bdi>{entries.filter((e) => e.id === id).map(named)[0] ?? "somebody who is gone"}</bdi>{" "}
                    <button
                      type="button"
                      className="act ml-2"
                      onClick={() => setNow({ ...now, notEntries: now.notEntries.filter((x) => x !== id) })}
                    >
                      may after all
                    </button>
                  </li>
                ))}
              </ul>
              <Field label="Find an athlete or number" hideLabel className="max-w-80" value={find} onChange={setFind} />
              {matches.map((e) => (
                <button
                  key={e.id}
                  type="button"
                  className="act mr-4"
                  onClick={() => {
                    setNow({ ...now, notEntries: [...now.notEntries, e.id] });
                    setFind("");
                  }}
                >
                  {e.bib} <bdi>{named(e)}</bdi>
                </button>
              ))}
            </fieldset>
          </>
        )}
        {failed && Object.keys(failed.errors).length === 0 && <Message error={failed} />}
        <div className="flex gap-4">
          <button className="press">Save</button>
          <button
            type="button"
            className="press-plain"
            onClick={() => done(ask(api.DELETE("/api/competitions/{id}/officials/{official}", { params: { path } })))}
          >
            Take out
          </button>
        </div>
      </form>
    </Leaf>
  );
}
