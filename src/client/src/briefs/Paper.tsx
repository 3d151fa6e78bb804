import type { Brief, Schemas } from "../api/client";
import { Block } from "./Blocks";
import { Qr } from "./Qr";
import { sheetOf, usePageRules, type Sheet } from "./sheet";

const locale = (language: Brief["language"]) => (language === "Spanish" ? "es" : "en-GB");

const day = (iso: string, language: Brief["language"]) =>
  new Intl.DateTimeFormat(locale(language), { dateStyle: "long" }).format(new Date(iso + "T12:00"));

/** The audiences of a definition; an erratum is made of two. */
export type Reader = Exclude<Schemas["Audience"], "Holder">;

/** What each paper is called in the interface; the paper itself says it in its own language. */
export const papers: Record<Reader, string> = {
  Athlete: "Athlete brief",
  Judge: "Judge brief",
  Caller: "Caller’s sheet",
  FloorCrew: "Floor crew sheet",
  ScoreDesk: "Score desk sheet",
  LaneCard: "Lane card",
  Measurement: "Measurement sheet",
  Video: "Video check list",
  Poster: "Poster",
};

/** Papers one after another, each beginning a new page; a lane card once for each of its numbers. */
export function Papers({ briefs, sheet = "A4", cards = "A4" }: { briefs: Brief[]; sheet?: Sheet; cards?: Sheet }) {
  const pages = briefs.map((b, i) => ({
    name: `p${i}`,
    sheet: sheetOf(b, sheet, cards),
    foot: `${b.title} · ${b.paper} · ${b.status} · ${b.date} · ${b.fingerprint}`,
  }));
  usePageRules(pages);
  return (
    <>
      {briefs.map((b, i) =>
        (b.cards?.length ? b.cards : [undefined]).map((card) => (
          <Paper key={`${i}-${card?.id ?? ""}`} brief={b} page={pages[i]!.name} sheet={pages[i]!.sheet} card={card} />
        )),
      )}
    </>
  );
}

/** A brief on paper. Black on white; nothing depends on colour. A card of one entry has the sections of that entry. */
function Paper({ brief: whole, page, sheet, card }: { brief: Brief; page: string; sheet: Sheet; card: Schemas["CardCode"] | undefined }) {
  const mine = card?.entry;
  const brief = mine ? { ...whole, sections: whole.sections.filter((s) => s.entry === mine) } : whole;
  return (
    <article
      className="paper"
      lang={brief.language === "Spanish" ? "es" : "en"}
      aria-label={`${brief.title}, ${brief.paper!.toLowerCase()}`}
      data-paper={brief.audience}
      data-sheet={sheet}
      data-page={page}
    >
      <header className="head">
        <div>
          <h1>
            <bdi>{brief.title}</bdi>
          </h1>
          <p>
            <b>{brief.paper}</b> · <bdi>{mine ?? brief.for}</bdi>
          </p>
        </div>
        <div className="issue">
          <div>
            <p>
              <bdi>{brief.competition}</bdi>
            </p>
            <p>
              {day(brief.date, brief.language)} · <span className="mono">{card ? card.id : brief.fingerprint}</span>
            </p>
            <p>{brief.open > 0 ? <b>{brief.status}</b> : brief.status}</p>
          </div>
          {card && <Qr code={card} />}
        </div>
      </header>
      <Rows brief={brief} sections={brief.sections.filter((x) => !x.behind)} />
      {brief.sections.some((x) => x.behind) && (
        <div className="behind">
          <Rows brief={brief} sections={brief.sections.filter((x) => x.behind)} />
        </div>
      )}
      <footer className="foot">
        <span>
          {brief.title} · {brief.paper!.toLowerCase()} · {brief.date}
        </span>
        <span className="mono">{brief.fingerprint}</span>
      </footer>
    </article>
  );
}

/** What a judge writes at the end, and what is marked while it runs: a card is one side, so they stand side by side. */
const WRITTEN = ["write", "rests", "read"];
const MARKED = ["rules", "noreps", "costs"];

function CardFoot({ sections }: { sections: Schemas["BriefSection"][] }) {
  const of = (ids: string[]) => sections.filter((s) => ids.includes(s.id)).map((s) => <Section key={s.id} section={s} />);
  return (
    <div className="card-foot">
      <div>{of(WRITTEN)}</div>
      <div>{of(MARKED)}</div>
      {of(["sign"])}
    </div>
  );
}

/** Short sections stand side by side, so that a judge's brief stays short. */
function Rows({ brief, sections }: { brief: Brief; sections: Schemas["BriefSection"][] }) {
  if (brief.audience === "LaneCard") {
    const foot = [...WRITTEN, ...MARKED, "sign"];
    return (
      <>
        {sections
          .filter((s) => !foot.includes(s.id))
          .map((s) => (
            <Section key={s.id} section={s} />
          ))}
        <CardFoot sections={sections} />
      </>
    );
  }
  return rows(brief, sections).map((row) =>
    row.length === 1 ? (
      <Section key={row[0]!.id} section={row[0]!} />
    ) : (
      <div key={row[0]!.id} className="two">
        {row.map((x) => (
          <Section key={x.id} section={x} />
        ))}
      </div>
    ),
  );
}

/** Which sections stand side by side. */
const JUDGE = [
  ["writing", "in-force"],
  ["scoring", "cautions"],
];
const OTHERS = [
  ["work", "clock"],
  ["scoring", "cautions"],
];

function rows(brief: Brief, sections: Schemas["BriefSection"][]): Schemas["BriefSection"][][] {
  const pairs = brief.audience === "Judge" ? JUDGE : OTHERS;
  const done = new Set<string>();
  return sections.flatMap((s) => {
    if (done.has(s.id)) return [];
    const pair = pairs.find((p) => p.includes(s.id)) ?? [s.id];
    const row = sections.filter((o) => pair.includes(o.id));
    row.forEach((o) => done.add(o.id));
    return [row];
  });
}

function Section({ section }: { section: Schemas["BriefSection"] }) {
  return (
    <section data-section={section.id}>
      {section.heading && <h2>{section.heading}</h2>}
      {section.blocks.map((b, i) => (
        <Block key={i} block={b} />
      ))}
    </section>
  );
}
