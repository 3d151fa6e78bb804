import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import { Refused, type Brief, type Schemas } from "../api/client";
import { queries } from "../api/queries";
import { Papers } from "../briefs/Paper";
import { Changes } from "../publishing/ChangeList";
import { Choice } from "../ui/Choice";
import { days } from "../ui/days";
import { Loading, Message } from "../ui/Message";
import { useAddress } from "../ui/useAddress";
import { AskForm } from "./AskForm";
import { ConfirmForm } from "./ConfirmForm";
import { papers, readerPapers } from "./readerPapers";

/** What anybody with a published brief sees: the brief, what has changed since, questions and answers, and the confirmation. */
export function ReaderPage() {
  const { code = "", sheet } = useParams();
  const found = useQuery({ ...queries.code(code), enabled: code !== "" });
  if (code === "" || found.isError)
    return (
      <main className="mx-auto max-w-[60rem] px-6 py-6">
        <CodeForm code={code} />
        {found.isError && <Message error={found.error} />}
      </main>
    );
  if (!found.data) return <Loading what="the brief" />;
  return sheet === "erratum" ? <Erratum found={found.data} /> : <Published found={found.data} />;
}

function CodeForm({ code }: { code: string }) {
  const [typed, setTyped] = useState(code);
  const go = useNavigate();
  return (
    <form
      className="off-paper flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        void go(`/p/${encodeURIComponent(typed.trim())}`);
      }}
    >
      <label className="block">
        The code on your paper
        <input className="mono block w-48" value={typed} placeholder="7K2M-9QXR-4" onChange={(e) => setTyped(e.target.value)} />
      </label>
      <button className="press-plain">What is it?</button>
    </form>
  );
}

function Published({ found }: { found: Schemas["CodeFound"] }) {
  const { version, newest, since } = found;
  const [line, setLine] = useState("");
  const { search } = useLocation();
  const { audience, offered, own, division, language, set } = useReading();
  const brief = useQuery({
    ...queries.publishedBrief(version.code, {
      audience: papers[audience],
      language,
      figures: true,
      ...(division ? { division } : {}),
    }),
    placeholderData: (before) => before,
  });
  const asked = useQuery(queries.publicQuestions(version.code));
  return (
    <main className="mx-auto max-w-[66rem] px-6 py-5 print:p-0">
      <div className="off-paper">
        <CodeForm code={version.code} />
        <p className="mt-4 text-soft">
          <bdi>{found.competition.name}</bdi> · {days(found.competition.starts, found.competition.ends)}
          {found.competition.place && (
            <>
              {" "}
              · <bdi>{found.competition.place}</bdi>
            </>
          )}{" "}
          · <a href="#ask">ask the head judge on any line below</a>
        </p>
        {found.others.length > 0 && (
          <nav aria-label="Other workouts" className="flex flex-wrap gap-x-4">
            {found.others.map((o) => (
              <Link key={o.code} className="act" to={{ pathname: `/p/${o.code}`, search }}>
                <bdi>{o.title}</bdi>
              </Link>
            ))}
          </nav>
        )}
        <h1 className="mt-2">
          <bdi>{found.title}</bdi>, version {version.number}
        </h1>
        {version.number === newest.number ? (
          <p className="text-soft">
            This is the newest version.
            {version.holdsFrom && (
              <>
                {" "}
                It holds from <bdi>{version.holdsFrom}</bdi>.
              </>
            )}
          </p>
        ) : (
          <section aria-label="Changed since" className="mt-2 border-l-4 border-brick bg-sheet px-4 py-2">
            <p className="font-bold">
              This paper is out of date: version {newest.number} is out
              {newest.holdsFrom && (
                <>
                  , holding from <bdi>{newest.holdsFrom}</bdi>
                </>
              )}
              . {newest.fromHeat && newest.fromHeat > 1 && `Heats before ${newest.fromHeat} are still judged by the paper before it. `}
              <Link className="act" to={{ pathname: `/p/${newest.code}`, search }}>
                Read version {newest.number}
              </Link>
            </p>
            <Changes of={since} />
          </section>
        )}
        {version.note && (
          <p className="mt-2">
            <bdi>{version.note}</bdi>
          </p>
        )}
        <div className="mt-3 flex flex-wrap items-center gap-6">
          <Choice label="Audience" value={audience} of={offered} onChange={(a) => set("for", a === own ? "" : a)} />
          {found.divisions.length > 1 && (
            <label className="flex items-center gap-2">
              Division{" "}
              <select value={division} onChange={(e) => set("division", e.target.value)}>
                <option value="">all</option>
                {found.divisions.map((d) => (
                  <option key={d}>{d}</option>
                ))}
              </select>
            </label>
          )}
          <LanguageChoice value={language} set={set} />
          <button className="press-plain" onClick={() => window.print()}>
            Print
          </button>
          {version.number > 1 && (
            <Link className="act" to={`/p/${version.code}/erratum`}>
              Erratum to version {version.number - 1}
            </Link>
          )}
        </div>
      </div>
      {brief.data ? (
        <div className="mt-3">
          <Papers briefs={[brief.data]} />
        </div>
      ) : brief.isError ? (
        <Message error={brief.error} retry={() => void brief.refetch()} />
      ) : (
        <Loading what="the brief" />
      )}
      <div className="off-paper mt-6 grid gap-10 md:grid-cols-2">
        <section aria-labelledby="ask">
          <h2 id="ask" className="section-head">
            Questions and rulings
          </h2>
          {(asked.data ?? []).map((q, i) => (
            <div key={i} className="border-b border-rule py-2">
              <p className="text-[0.9rem] text-soft">
                on “<bdi>{q.line}</bdi>”
                {q.askedBy && (
                  <>
                    , <bdi>{q.askedBy}</bdi>
                  </>
                )}
              </p>
              <p>
                <bdi>{q.body}</bdi>
              </p>
              <p className="font-semibold">
                {q.answer ? (
                  <>
                    <bdi>{q.answer}</bdi>
                    {q.rulingIn && <span className="font-normal text-soft"> · in force since version {q.rulingIn}</span>}
                  </>
                ) : (
                  <span className="font-normal text-soft">not answered yet</span>
                )}
              </p>
            </div>
          ))}
          <AskForm
            code={version.code}
            lines={brief.data ? linesOf(brief.data) : []}
            line={line}
            onLine={setLine}
            done={() => void asked.refetch()}
          />
        </section>
        <ConfirmForm version={version} judge={audience === "judge"} />
      </div>
    </main>
  );
}

/** The sheet for holders of the paper before: what is different, for whom, from when. */
function Erratum({ found: { version, title } }: { found: Schemas["CodeFound"] }) {
  const { language, set } = useReading();
  const sheet = useQuery({
    ...queries.erratum(version.code, { language }),
    enabled: version.number > 1,
    placeholderData: (before) => before,
  });
  if (version.number === 1)
    return (
      <main className="p-6">
        <h1>
          <bdi>{title}</bdi>
        </h1>
        <p>
          Version 1 corrects nothing.{" "}
          <Link className="act" to={`/p/${version.code}`}>
            Read it
          </Link>
        </p>
      </main>
    );
  if (!sheet.data)
    return sheet.isError ? (
      <main className="p-6">
        <Message error={sheet.error as Refused} />
      </main>
    ) : (
      <Loading what="the sheet" />
    );
  return (
    <main className="py-4 print:p-0">
      <p className="off-paper mx-auto mb-3 flex max-w-[210mm] flex-wrap items-center gap-5 px-4">
        <button className="press" onClick={() => window.print()}>
          Print or save as PDF
        </button>
        <LanguageChoice value={language} set={set} />
      </p>
      <Papers briefs={[sheet.data]} />
    </main>
  );
}

type Language = Schemas["Language"];

/** For whom and in which language stands in the address, so that a link keeps it. */
function useReading() {
  const { get, set } = useAddress();
  const roles = (useQuery(queries.me()).data?.in?.places ?? []).flatMap((p) => p.roles);
  const { own, offered } = readerPapers(roles);
  return {
    set,
    own,
    offered,
    audience: offered.find((a) => a === get("for")) ?? own,
    division: get("division"),
    language: (get("language") === "Spanish" ? "Spanish" : "English") as Language,
  };
}

const LanguageChoice = ({ value, set }: { value: Language; set: (key: string, value: string) => void }) => (
  <Choice
    label="Language of the paper"
    value={value}
    of={["English", "Spanish"] as const}
    onChange={(l) => set("language", l === "English" ? "" : l)}
    text={(l) => (l === "Spanish" ? "Español" : l)}
  />
);

/** The no-reps of page one; a movement stands in the first of its rows only. */
function noReps(rows: Schemas["BriefRow"][]): string[] {
  let movement = "";
  return rows.map((r) => {
    movement = r.cells[0] || movement;
    return `${movement}: ${r.cells[1]}`;
  });
}

/** The lines one can ask about, in the order of the paper. */
function linesOf(brief: Brief): string[] {
  return brief.sections
    .flatMap((s) =>
      s.blocks.flatMap((b) => {
        switch (b.kind) {
          case "paragraph":
            return [b.text];
          case "points":
            return b.items;
          case "lines":
            return b.items.map((l) => l.text);
          case "standard":
            return b.rules.map((r) => `${b.name}: ${r.cells[1]}`).concat(b.faults.map((r) => `${b.name}: ${r.cells[0]}`));
          case "table":
            return s.id === "likely" ? noReps(b.rows) : [];
          default:
            return [];
        }
      }),
    )
    .map((l) => l.slice(0, 400));
}
