import type { Brief, Schemas } from "../api/client";

const day = (iso: string) => new Intl.DateTimeFormat("en-GB", { dateStyle: "long" }).format(new Date(iso + "T12:00"));

/** What each paper is called. */
export const papers: Record<Schemas["Audience"], string> = {
  Athlete: "Athlete brief", Judge: "Judge brief", Caller: "Caller’s sheet", FloorCrew: "Floor crew sheet", ScoreDesk: "Score desk sheet", LaneCard: "Lane card",
  Measurement: "Measurement sheet", Video: "Video check list", Poster: "Poster",
};

/** A brief on paper. Black on white; nothing depends on colour. */
export function Paper({ brief }: { brief: Brief }) {
  return (
    <article className="paper" aria-label={`${brief.title}, ${papers[brief.audience].toLowerCase()}`} data-paper={brief.audience}>
      <header className="head">
        <div>
          <h1><bdi>{brief.title}</bdi></h1>
          <p><b>{papers[brief.audience]}</b> · <bdi>{brief.for}</bdi></p>
        </div>
        <div style={{ textAlign: "right" }}>
          <p><bdi>{brief.competition}</bdi></p>
          <p>{brief.version ? `Version ${brief.version} · ` : ""}{day(brief.date)} · <span className="mono">{brief.fingerprint}</span></p>
          {!brief.version && <p>Not published: a draft</p>}
          {brief.open > 0 && <p><b>Draft: {brief.open} {brief.open === 1 ? "question" : "questions"} open</b></p>}
        </div>
      </header>
      {rows(brief).map((row) => row.length === 1
        ? <Section key={row[0]!.id} section={row[0]!} />
        : <div key={row[0]!.id} className="two">{row.map((x) => <Section key={x.id} section={x} />)}</div>)}
      <footer className="foot"><span>{brief.title} · {papers[brief.audience].toLowerCase()} · {brief.date}</span><span className="mono">{brief.fingerprint}</span></footer>
    </article>
  );
}

/** Short sections stand side by side, so that a judge's brief stays on two pages. */
function rows(brief: Brief): Schemas["BriefSection"][][] {
  const pairs = brief.audience === "Judge" ? [["work", "clock"], ["writing", "scoring"], ["not-yours", "cautions"]] : [["work", "clock"], ["scoring", "cautions"]];
  const done = new Set<string>();
  return brief.sections.flatMap((s) => {
    if (done.has(s.id)) return [];
    const pair = pairs.find((p) => p.includes(s.id)) ?? [s.id];
    const row = brief.sections.filter((o) => pair.includes(o.id));
    row.forEach((o) => done.add(o.id));
    return [row];
  });
}

function Section({ section }: { section: Schemas["BriefSection"] }) {
  return (
    <section data-section={section.id}>
      {section.heading && <h2>{section.heading}</h2>}
      {section.blocks.map((b, i) => <Block key={i} block={b} />)}
    </section>
  );
}

function Block({ block }: { block: Schemas["BriefBlock"] }) {
  switch (block.kind) {
    case "paragraph":
      return <p>{block.text}</p>;
    case "points":
      return <ul>{block.items.map((t, i) => <li key={i}>{t}</li>)}</ul>;
    case "lines":
      return <div className="lines">{block.items.map((l, i) => <div key={i} style={{ paddingLeft: `${l.level * 4}mm` }}>{l.text}</div>)}</div>;
    case "table":
      return <Table table={block} />;
    case "standard":
      return <Standard of={block} />;
    case "blanks":
      return <dl className="blanks">{block.labels.map((l, i) => <div key={i}><dt>{l}</dt><dd /></div>)}</dl>;
  }
}

function Table({ table }: { table: Schemas["BriefBlockTable"] }) {
  return (
    <div className={table.rows.length < 16 ? "keep" : ""} style={{ overflowX: "auto" }}>
      {table.caption && <p className="caption">{table.caption}</p>}
      <table>
        <thead><tr>{table.head.map((h, i) => (h === "" ? <td key={i} /> : <th key={i} scope="col">{h}</th>))}</tr></thead>
        <tbody>{table.rows.map((r, i) => <tr key={i}>{r.cells.map((c, j) => (j === 0 && c !== "" ? <th key={j} scope="row">{c}</th> : <td key={j}>{c}</td>))}</tr>)}</tbody>
      </table>
    </div>
  );
}

function Standard({ of }: { of: Schemas["BriefBlockStandardOf"] }) {
  return (
    <div className="standard">
      <h3>{of.name}{of.who && <span style={{ fontWeight: 400 }}> · only {of.who}</span>}</h3>
      {of.place && <p><b>Stand</b> {of.place} <b>Call</b> {of.call}</p>}
      <div className="two">
        <table><tbody>{of.rules.map((r, i) => <tr key={i}><th scope="row">{r.cells[0]}</th><td>{r.cells[1]}</td></tr>)}</tbody></table>
        <table>
          <thead><tr><th scope="col">What you see or hear</th><th scope="col">Call</th><th scope="col">The athlete must</th></tr></thead>
          <tbody>{of.faults.map((r, i) => <tr key={i}>{r.cells.map((c, j) => <td key={j}>{j === 1 ? <b>{c}</b> : c}</td>)}</tr>)}</tbody>
        </table>
      </div>
    </div>
  );
}
