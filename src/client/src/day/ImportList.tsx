import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, Refused, type Schemas } from "../api/client";
import { changed, queries } from "../api/queries";
import { textOf } from "../natural/files";
import { FileButton } from "../ui/FileButton";
import { Message } from "../ui/Message";

const uses: readonly [Schemas["ColumnKind"], string][] = [
  ["Nothing", "passed over"],
  ["Name", "name"],
  ["FirstName", "first name"],
  ["LastName", "family name"],
  ["Gym", "gym"],
  ["Division", "division"],
  ["Bib", "number"],
  ["Sex", "man or woman"],
  ["Team", "team"],
  ["Seat", "place in the team"],
  ["Seed", "seed"],
  ["Level", "level"],
  ["Contact", "contact"],
];

/** Reads a list of entries, shows what taking it would do, and takes it whole or not at all. */
export function ImportList({ cid, empty }: { cid: string; empty: boolean }) {
  const [text, setText] = useState("");
  const [list, setList] = useState<Schemas["ReadEntries"] | null>(null);
  const [failed, setFailed] = useState<Refused | null>(null);
  const [taken, setTaken] = useState("");
  const fresh = (t: string) => {
    setFailed(null);
    setTaken("");
    setList({ text: t, uses: [], leaveOut: [] });
  };
  if (list)
    return (
      <Preview
        cid={cid}
        list={list}
        onList={setList}
        onClose={(done) => {
          setList(null);
          setTaken(done);
          if (done) setText("");
        }}
      />
    );
  return (
    <>
      {taken && (
        <p role="status" className="mt-3 font-semibold">
          {taken}
        </p>
      )}
      <details className="mt-3 border-y border-rule py-2" open={empty || undefined}>
        <summary className="font-semibold">Read a list</summary>
        <p className="mt-1 max-w-prose text-soft">
          A file as your entry form gives it, or rows copied from a spreadsheet: a row an athlete, or a row a team. Nothing is taken before
          you have seen what it would do; read it again whenever it has changed.
        </p>
        <form
          className="mt-2"
          onSubmit={(e) => {
            e.preventDefault();
            fresh(text);
          }}
        >
          <label>
            <span className="block font-semibold">Rows</span>
            <textarea
              className="mono w-full"
              rows={5}
              value={text}
              placeholder={"Name\tDivision\tSex\tGym\tNumber"}
              onChange={(e) => setText(e.target.value)}
            />
          </label>
          <div className="mt-2 flex flex-wrap items-center gap-5">
            <button className="press" disabled={!text.trim()}>
              Look at it
            </button>
            <FileButton
              label="Choose a file (.csv, .xlsx)"
              accept=".csv,.xlsx,.txt,.tsv"
              onFile={(file) => void textOf(file, file.name).then(fresh, (e: unknown) => setFailed(e as Refused))}
            />
          </div>
        </form>
        {failed && (
          <div className="mt-2">
            <Message error={failed} />
          </div>
        )}
      </details>
    </>
  );
}

const of = (changes: Schemas["ListChange"][], kind: Schemas["ListChangeKind"]) => changes.filter((c) => c.kind === kind);

function Preview({
  cid,
  list,
  onList,
  onClose,
}: {
  cid: string;
  list: Schemas["ReadEntries"];
  onList: (list: Schemas["ReadEntries"]) => void;
  onClose: (done: string) => void;
}) {
  const found = useQuery({ ...queries.entriesPreview(cid, list), placeholderData: (before) => before });
  const [gone, setGone] = useState(false);
  const [failed, setFailed] = useState<Refused | null>(null);
  const read = found.data?.list;
  const changes = found.data?.changes ?? [];
  const count = { new: of(changes, "New").length, changed: of(changes, "Changed").length, gone: of(changes, "Gone").length };
  const nothing = count.new + count.changed + (gone ? count.gone : 0) === 0;
  return (
    <section aria-labelledby="preview" className="mt-3 border-y-2 border-ink py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h2 id="preview">What this list would do</h2>
        <button className="act" onClick={() => onClose("")}>
          Put it away
        </button>
      </div>
      {found.isError && <Message error={found.error} retry={() => void found.refetch()} />}
      {read && (
        <>
          <fieldset className="mt-2 flex flex-wrap gap-x-5 gap-y-2">
            <legend className="text-soft">{read.rows} rows. What each column is:</legend>
            {read.headings.map((h, i) => {
              const use = read.uses[i] ?? { kind: "Nothing", member: null };
              return (
                <label key={i} className="block">
                  <bdi className="block font-semibold">{h}</bdi>
                  <select
                    value={use.kind}
                    onChange={(e) =>
                      onList({
                        ...list,
                        uses: read.uses.map((u, j) => (j === i ? { ...u, kind: e.target.value as Schemas["ColumnKind"] } : u)),
                      })
                    }
                  >
                    {uses.map(([k, name]) => (
                      <option key={k} value={k}>
                        {use.member ? `${name} of member ${use.member}` : name}
                      </option>
                    ))}
                  </select>
                </label>
              );
            })}
          </fieldset>
          {read.troubles.length > 0 && (
            <div className="mt-3 border-l-4 border-brick bg-sheet px-4 py-2">
              <p className="font-bold">Nothing can be taken yet. Mend the list and read it again, or leave rows out.</p>
              <ul>
                {read.troubles.map((t, i) => (
                  <li key={i} className="py-0.5">
                    {t.row > 0 && <b>Row {t.row}: </b>}
                    {t.column && (
                      <>
                        <bdi>{t.column}</bdi>:{" "}
                      </>
                    )}
                    <bdi>{t.sentence}</bdi>{" "}
                    {t.row > 0 && (
                      <button
                        className="act ml-2"
                        aria-label={`Leave it out: row ${t.row}`}
                        onClick={() => onList({ ...list, uses: read.uses, leaveOut: [...list.leaveOut, t.row] })}
                      >
                        Leave it out
                      </button>
                    )}
                  </li>
                ))}
              </ul>
            </div>
          )}
          {read.notes.length > 0 && (
            <details className="mt-2" open={read.notes.length < 6}>
              <summary>
                {read.notes.length} {read.notes.length === 1 ? "thing is" : "things are"} worth a look
              </summary>
              <ul className="text-soft">
                {read.notes.map((n, i) => (
                  <li key={i}>
                    Row {n.row}: <bdi>{n.sentence}</bdi>
                  </li>
                ))}
              </ul>
            </details>
          )}
          {read.troubles.length === 0 && (
            <>
              <p className="mt-3">
                <b>{count.new}</b> new, <b>{count.changed}</b> changed, <b>{count.gone}</b> gone, {of(changes, "Same").length} as they are.
              </p>
              <Changes title="New" changes={of(changes, "New")} />
              <Changes title="Changed" changes={of(changes, "Changed")} />
              <Changes title="Gone" changes={of(changes, "Gone")} />
              <div className="mt-3 flex flex-wrap items-center gap-5">
                <button
                  className="press"
                  disabled={nothing || found.isFetching}
                  onClick={() => {
                    setFailed(null);
                    ask(
                      api.POST("/api/competitions/{id}/entries/take", {
                        params: { path: { id: cid } },
                        body: { ...list, withdrawGone: gone, ...count },
                      }),
                    )
                      .then(() => onClose(`Taken: ${count.new} new, ${count.changed} changed.`))
                      .catch((e: unknown) => setFailed(e as Refused))
                      .finally(() => void changed.entries(cid).then(() => found.refetch()));
                  }}
                >
                  Take the list
                </button>
                {count.gone > 0 && (
                  <label className="tick">
                    <input type="checkbox" checked={gone} onChange={(e) => setGone(e.target.checked)} /> withdraw the {count.gone} who are
                    gone
                  </label>
                )}
              </div>
            </>
          )}
          {failed && (
            <div className="mt-2">
              <Message error={failed} />
            </div>
          )}
        </>
      )}
    </section>
  );
}

function Changes({ title, changes }: { title: string; changes: Schemas["ListChange"][] }) {
  if (changes.length === 0) return null;
  return (
    <details className="mt-1" open={title !== "New" || changes.length < 8}>
      <summary className="font-semibold">
        {title}: {changes.length}
      </summary>
      <ul className="md:columns-2">
        {changes.map((c, i) => (
          <li key={i} className="break-inside-avoid">
            <bdi>{c.name}</bdi> <span className="text-soft">{c.division}</span>
            {c.words.length > 0 && (
              <span className="block pl-4 text-soft">
                <bdi>{c.words.join("; ")}</bdi>
              </span>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
