import { BarDrawing } from "../ui/BarDrawing";
import type { Schemas } from "../api/client";
import { Figure } from "../standards/Figure";

/** One block of a paper. */
export function Block({ block }: { block: Schemas["BriefBlock"] }) {
  switch (block.kind) {
    case "paragraph":
      return <p>{block.text}</p>;
    case "points":
      return (
        <ul>
          {block.items.map((t, i) => (
            <li key={i}>{t}</li>
          ))}
        </ul>
      );
    case "lines":
      return (
        <div className="lines">
          {block.items.map((l, i) => (
            <div key={i} style={{ paddingLeft: `${l.level * 4 + 8}mm`, textIndent: "-8mm" }}>
              {l.text}
            </div>
          ))}
        </div>
      );
    case "table":
      return <Table table={block} />;
    case "standard":
      return <Standard of={block} />;
    case "blanks":
      return (
        <dl className="blanks">
          {block.labels.map((l, i) => (
            <div key={i}>
              <dt>{l}</dt>
              <dd />
            </div>
          ))}
        </dl>
      );
    case "boxes":
      return <Boxes of={block} />;
    case "bars":
      return (
        <div className="bars">
          {block.items.map((bar, i) => (
            <figure key={i}>
              <BarDrawing bar={bar} className="bar" half />
              <figcaption>
                {bar.words}
                <div>{bar.side.map((p) => p.name).join(" + ")}</div>
              </figcaption>
            </figure>
          ))}
        </div>
      );
  }
}

const Head = ({ cells }: { cells: string[] }) => (
  <thead>
    <tr>
      {cells.map((h, i) =>
        h === "" ? (
          <td key={i} />
        ) : (
          <th key={i} scope="col">
            {h}
          </th>
        ),
      )}
    </tr>
  </thead>
);

function Table({ table }: { table: Schemas["BriefBlockTable"] }) {
  return (
    <div className={table.rows.length < 16 ? "keep" : ""} style={{ overflowX: "auto" }}>
      {table.caption && <p className="caption">{table.caption}</p>}
      <table>
        <Head cells={table.head} />
        <tbody>
          {table.rows.map((r, i) => (
            <tr key={i}>
              {r.cells.map((c, j) =>
                j === 0 && c !== "" ? (
                  <th key={j} scope="row">
                    {c}
                  </th>
                ) : (
                  <td key={j}>{c}</td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Rows of boxes to cross off, the running total in each: a box is a cell with a frame, wide enough for a pencil. */
function Boxes({ of }: { of: Schemas["BriefBlockBoxes"] }) {
  const steps = of.head.length === 2;
  return (
    <div className={of.rows.length < 16 ? "keep" : ""} style={{ overflowX: "auto" }}>
      {of.caption && <p className="caption">{of.caption}</p>}
      <table className={steps ? "boxes steps" : "boxes"}>
        <Head cells={of.head} />
        <tbody>
          {of.rows.map((r, i) => (
            <tr key={i}>
              {r.cells.map((c, j) =>
                j === 0 ? (
                  <th key={j} scope="row">
                    {c}
                  </th>
                ) : c === "" ? (
                  <td key={j} className="none" />
                ) : (
                  <td key={j} className="box">
                    {c}
                  </td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Standard({ of }: { of: Schemas["BriefBlockStandardOf"] }) {
  return (
    <div className="standard">
      <h3>
        {of.name}
        {of.who && <span style={{ fontWeight: 400 }}> · {of.who}</span>}
      </h3>
      {of.duty.length > 0 && (
        <p>
          {of.duty.map((d) => (
            <span key={d.cells[0]}>
              <b>{d.cells[0]}</b> {d.cells[1]}{" "}
            </span>
          ))}
        </p>
      )}
      {(of.figures?.length ?? 0) > 0 && <Figures of={of.figures!} name={of.name} />}
      <div className="two">
        <table>
          <tbody>
            {of.rules.map((r, i) => (
              <tr key={i}>
                <th scope="row">{r.cells[0]}</th>
                <td>{r.cells[1]}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <table>
          <Head cells={of.faultHead} />
          <tbody>
            {of.faults.map((r, i) => (
              <tr key={i}>
                {r.cells.map((c, j) => (
                  <td key={j}>{j === 1 ? <b>{c}</b> : c}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

/**
 * Figures share one scale: a standing person is 30 mm high among the positions and 22 mm beside a fault, whatever the pose;
 * overhead and hanging ones are taller.
 */
function Figures({ of, name }: { of: Schemas["BriefFigure"][]; name: string }) {
  const [positions, faults] = [of.filter((f) => !f.mark), of.filter((f) => f.mark)];
  return (
    <div className="figures">
      <div className="positions">
        {positions.map((f, i) => (
          <Drawn key={i} figure={f} name={name} standing={30} among={positions} />
        ))}
      </div>
      {faults.map((good, i) => {
        const fault = faults[i + 1];
        return i % 2 === 0 && fault ? <Pair key={i} good={good} fault={fault} name={name} /> : null;
      })}
    </div>
  );
}

/** A good pose and a typical fault; what is wrong stands under both, so that several pairs fit beside the positions. */
function Pair({ good, fault, name }: { good: Schemas["BriefFigure"]; fault: Schemas["BriefFigure"]; name: string }) {
  return (
    <div className="pair">
      {[good, fault].map((f, i) => (
        <Drawn key={i} figure={f} name={name} standing={22} among={[good, fault]} />
      ))}
      <p>{fault.title}</p>
    </div>
  );
}

/** Pixels on the paper for a millimetre of the body, when a person of 1.75 m is drawn so many millimetres high. */
const scaleFor = (standing: number) => (standing * (96 / 25.4)) / 1750;

function Drawn({
  figure: f,
  name,
  standing,
  among,
}: {
  figure: Schemas["BriefFigure"];
  name: string;
  standing: number;
  among: Schemas["BriefFigure"][];
}) {
  const scale = scaleFor(standing);
  return (
    <figure>
      <div style={{ height: Math.max(...among.map((x) => x.drawing.height)) * scale, display: "flex", alignItems: "flex-end" }}>
        <Figure drawing={f.drawing} scale={scale} label={`${name}: ${f.title || f.mark}`} />
      </div>
      <figcaption>
        {f.mark && (
          <b>
            <svg viewBox="0 0 16 16" aria-hidden="true">
              {f.good ? (
                <circle cx="8" cy="8" r="6" fill="none" stroke="#111" strokeWidth="2.4" />
              ) : (
                <path d="M3 3l10 10M13 3L3 13" stroke="#111" strokeWidth="2.4" />
              )}
            </svg>
            {f.mark}
          </b>
        )}
        {!f.mark && f.title}
      </figcaption>
    </figure>
  );
}
