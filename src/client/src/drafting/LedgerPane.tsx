import type { Explanation, Schemas } from "../api/client";

const unit = (t: Schemas["LedgerTask"]) => (t.unit === "rep" ? "" : `, ${t.unit}`);

/** Every rep: rounds as rows, tasks as columns, the running total in each cell. */
export function LedgerPane({ explanation, column }: { explanation: Explanation; column: number }) {
  const of = explanation.grid.columns[column];
  const ledgers = explanation.ledgers.filter((l) => l.for.includes(column));
  return (
    <section aria-labelledby="ledger">
      <div className="section-head">
        <h2 id="ledger">Every rep</h2>
        <span className="text-[0.9rem] text-soft">{of && <><bdi>{of.division}</bdi> {of.duty}</>}</span>
      </div>
      {ledgers.length === 0 && <p className="py-3 text-soft">Rounds and running totals appear here once there is work under a window.</p>}
      {ledgers.map((l) => {
        const piece = explanation.pieces.find((p) => p.key === l.piece);
        return (
          <div key={l.piece} className="mt-2">
            {(piece?.label || explanation.pieces.length > 1) && <h3 className="text-[0.95rem]">{piece?.label ?? "Work"}{l.units !== null ? `: ${l.units} in all` : ""}</h3>}
            {l.reason && <p className="text-soft">{l.reason}</p>}
            {l.tables.map((t, i) => (t.inRounds ? <Rounds key={i} table={t} ledger={l} /> : <List key={i} table={t} ledger={l} />))}
            {!piece?.label && explanation.pieces.length === 1 && l.units !== null && l.tables.length > 0 && <p className="pt-1 text-soft">{l.units} in all. A rep or a calorie counts 1.</p>}
          </div>
        );
      })}
    </section>
  );
}

function Rounds({ table, ledger }: { table: Schemas["LedgerTable"]; ledger: Schemas["LedgerView"] }) {
  const tasks = table.rows[0]?.cells.map((c) => ledger.tasks[c.task]!) ?? [];
  return (
    <div className="overflow-x-auto" role="region" aria-label="Rounds and running totals" tabIndex={0}>
      <table className="ruled">
        <thead>
          <tr><th scope="col" className="text-[0.9rem] text-soft">Round</th>{tasks.map((t, i) => <th key={i} scope="col" className="min-w-24 !text-right text-[0.9rem] text-soft">{t.name}{unit(t)}</th>)}</tr>
        </thead>
        <tbody>
          {table.rows.map((r) => (
            <tr key={r.label}>
              <th scope="row" className="font-normal">{r.label}</th>
              {r.cells.map((c, i) => <td key={i} className="text-right whitespace-nowrap"><Cell cell={c} /></td>)}
            </tr>
          ))}
          {table.more && <tr><th scope="row" className="font-normal">…</th><td colSpan={tasks.length} className="text-soft">{ledger.units === null ? "and on, without end" : "and on"}</td></tr>}
        </tbody>
      </table>
    </div>
  );
}

function List({ table, ledger }: { table: Schemas["LedgerTable"]; ledger: Schemas["LedgerView"] }) {
  const rounds = table.rows.some((r) => r.label);
  return (
    <table className="ruled">
      <thead><tr>{rounds && <th scope="col" className="text-[0.9rem] text-soft">Round</th>}<th scope="col" className="text-[0.9rem] text-soft">Task</th><th scope="col" className="!text-right text-[0.9rem] text-soft">Total</th></tr></thead>
      <tbody>
        {table.rows.flatMap((r, i) => r.cells.map((c, j) => (
          <tr key={`${i}.${j}`}>
            {rounds && <td>{r.label}</td>}
            <th scope="row" className="font-normal">{ledger.tasks[c.task]?.name}{unit(ledger.tasks[c.task]!)}</th>
            <td className="text-right whitespace-nowrap"><Cell cell={c} /></td>
          </tr>
        )))}
        {table.more && <tr><td colSpan={3} className="text-soft">… {ledger.units === null ? "and on, without end" : "and on"}</td></tr>}
      </tbody>
    </table>
  );
}

const Cell = ({ cell }: { cell: Schemas["LedgerCell"] }) =>
  cell.amount === null ? <span className="text-soft">max</span> : <><span className="text-soft">{cell.amount}</span> <b className="inline-block min-w-9">{cell.total}</b></>;
