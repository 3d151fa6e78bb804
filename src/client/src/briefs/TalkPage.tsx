import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { queries } from "../api/queries";
import { Loading, Message } from "../ui/Message";
import "../styles/slides.css";
import { query, useChoices } from "./choices";
import { PaperChoices } from "./PaperChoices";
import { Slides } from "./Slides";
import { TalkScript } from "./TalkScript";

/** The spoken briefing: a script to read from, and the same part by part on a screen in the hall. */
export function TalkPage() {
  const { cid = "", wid = "", audience = "judge" } = useParams();
  const choices = useChoices();
  const to = audience === "athlete" ? "Athlete" : "Judge";
  const competition = useQuery(queries.competition(cid)).data?.competition;
  const talk = useQuery(queries.talk(wid, { audience: to, ...query(choices), figures: true }));
  if (!talk.data)
    return talk.isError ? (
      <main className="p-6">
        <Message error={talk.error} retry={() => void talk.refetch()} />
      </main>
    ) : (
      <Loading what="the briefing" />
    );
  const { data } = talk;
  if (choices.slide !== null)
    return <Slides talk={data} at={choices.slide} onMove={(n) => choices.set("slide", n === null ? "" : String(n))} />;
  return (
    <main className="px-6 py-4 print:p-0">
      <div className="off-paper">
        <div className="flex flex-wrap items-baseline justify-between gap-4">
          <h1>Spoken briefing</h1>
          <span className="flex flex-wrap items-baseline gap-5">
            <Link className="act" to={`/c/${cid}/briefs/${wid}/${audience}`}>
              The paper
            </Link>
            <button className="press" onClick={() => window.print()}>
              Print the script
            </button>
            <button className="press" onClick={() => choices.set("slide", "1")}>
              Show on a screen
            </button>
          </span>
        </div>
        <div className="mt-2 mb-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-rule pb-3">
          <nav aria-label="Spoken to" className="flex gap-4">
            {(["judge", "athlete"] as const).map((a) => (
              <Link
                key={a}
                className="under"
                aria-current={a === audience ? "page" : undefined}
                to={{ pathname: `/c/${cid}/talk/${wid}/${a}`, search: choices.text }}
              >
                to {a}s
              </Link>
            ))}
          </nav>
          <PaperChoices
            of={choices}
            divisions={competition?.divisions.map((d) => d.name) ?? []}
            figures={false}
            cards={false}
            others={false}
            refused={null}
          />
        </div>
      </div>
      <TalkScript talk={data} />
    </main>
  );
}
