import { useQuery } from "@tanstack/react-query";
import { memo, useDeferredValue, useMemo } from "react";
import { Link, useParams } from "react-router";
import { Refused, type Brief } from "../api/client";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import { query, useChoices } from "./choices";
import { Papers, papers, type Reader } from "./Paper";
import { PaperChoices } from "./PaperChoices";

const kinds = Object.keys(papers) as Reader[];

/** Every paper of the competition in the order they are handed out, printed in one go. */
export function PackPage() {
  const { cid = "" } = useParams();
  const choices = useChoices();
  const wanted = useMemo(() => chosen(choices.text), [choices.text]);
  const competition = useQuery(queries.competition(cid)).data?.competition;
  // One kind alone is asked for alone: all lane cards are there long before the whole pack is.
  const alone = wanted.length === 1 ? wanted[0] : undefined;
  const pack = useQuery({
    ...queries.pack(cid, { ...query(choices), ...(alone ? { audience: alone } : {}) }),
    placeholderData: (before) => before,
  });
  const briefs = useMemo(() => (pack.data ?? []).filter((b) => wanted.includes(b.audience as Reader)), [pack.data, wanted]);
  // Some hundred papers take seconds to draw; the marks above them answer at once.
  const drawn = useDeferredValue(briefs);
  const open = [...new Set(briefs.filter((b) => b.open > 0).map((b) => b.title))];
  const toggle = (a: Reader) => {
    const next = kinds.filter((k) => (k === a ? !wanted.includes(k) : wanted.includes(k)));
    choices.set("papers", next.length === kinds.length ? "" : next.length === 0 ? "none" : next.map((k) => k.toLowerCase()).join("."));
  };
  const refused = pack.error instanceof Refused ? pack.error : null;
  return (
    <main className="px-6 py-4 print:p-0">
      <div className="off-paper">
        <div className="flex flex-wrap items-baseline justify-between gap-4">
          <h1>The whole pack</h1>
          <span className="flex flex-wrap items-baseline gap-5">
            <Link className="act" to={`/c/${cid}/briefs`}>
              One paper at a time
            </Link>
            <button className="press" disabled={briefs.length === 0 || drawn !== briefs} onClick={() => window.print()}>
              Print or save as PDF
            </button>
          </span>
        </div>
        <fieldset className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
          <legend className="sr-only">Papers</legend>
          {kinds.map((a) => (
            <label key={a} className="flex items-center gap-2">
              <input type="checkbox" className="min-h-0" checked={wanted.includes(a)} onChange={() => toggle(a)} />
              {papers[a]} <span className="text-soft">{alone && alone !== a ? "" : count(pack.data, a)}</span>
            </label>
          ))}
        </fieldset>
        <div className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-rule pb-3">
          <PaperChoices
            of={choices}
            divisions={competition?.divisions.map((d) => d.name) ?? []}
            figures
            cards={wanted.includes("LaneCard")}
            others
            refused={refused}
          />
          <span role="status" className="text-soft">
            {pack.data ? `${briefs.length} ${briefs.length === 1 ? "paper" : "papers"}` : ""}
          </span>
        </div>
        {open.length > 0 && (
          <p className="mt-2 font-semibold text-brick">
            Not settled yet: {open.join(", ")}.{" "}
            <Link className="act" to={`/c/${cid}/checks`}>
              To the checks
            </Link>
          </p>
        )}
      </div>
      {refused && !refused.at("cards") && !refused.at("first") && <Message error={refused} retry={() => void pack.refetch()} />}
      {pack.isPending && <Loading what="every paper" />}
      {pack.data && briefs.length === 0 && (
        <p className="off-paper py-4">{pack.data.length === 0 ? "No workout is there for these choices." : "Choose at least one paper."}</p>
      )}
      <div className="pack" aria-busy={drawn !== briefs}>
        <Drawn briefs={drawn} sheet={useDeferredValue(choices.sheet)} cards={useDeferredValue(choices.cardSheet)} />
      </div>
    </main>
  );
}

const Drawn = memo(Papers);

const chosen = (search: string): Reader[] => {
  const of = new URLSearchParams(search).get("papers");
  return of === null ? kinds : kinds.filter((k) => of.split(".").includes(k.toLowerCase()));
};

const count = (all: Brief[] | undefined, audience: Reader) => (all ? all.filter((b) => b.audience === audience).length : "");
