import type { Explanation, Schemas } from "../api/client";

const unit = (t: Schemas["LedgerTask"]) => (t.unit === "rep" ? "" : `, ${t.unit}`);

/** Every rep: rounds as rows, tasks as columns, the running total in each cell. */
export function LedgerPane({ explanation, column }: { explanation: Explanation; column: number }) {
  const of = explanation.grid.columns[column];
  const ledgers = explanation.ledgers.filter((l) => l.for.includes(column));
  // Turns of as much as possible have no running total to show; they are said in one line each.
  const tables = ledgers.filter((l) => !isOpen(l));
  const open = ledgers.filter(isOpen);
  return (
    <section aria-labelledby="ledger">
      <div className="section-head">
        <h2 id="ledger">Every rep</h2>
        <span className="text-[0.9rem] text-soft">
          {of && (
            <>
              <bdi>{of.division}</bdi> {of.duty}
            </>
          )}
        </span>
      </div>
      {ledgers.length === 0 && <p className="py-3 text-soft">Rounds and running totals appear here once there is work under a window.</p>}
      {tables.map((l, i) => (
        <div key={`${l.piece}.${i}`} className="mt-2">
          {l.name && (
            <h3 className="text-[0.95rem]">
              {capital(l.name)}
              {l.units !== null ? `: ${sum(l)}` : ""}
            </h3>
          )}
          {l.reason && <p className="text-soft">{l.reason}</p>}
          {l.tables.map((t, j) => (t.inRounds ? <Rounds key={j} table={t} ledger={l} /> : <List key={j} table={t} ledger={l} />))}
          {!l.name && l.units !== null && l.tables.length > 0 && (
            <p className="pt-1 text-soft">
              {sum(l)}.{l.tasks.every((t) => t.worth === null) ? " A rep or a calorie counts 1." : ""}
            </p>
          )}
          {[...new Set(l.tasks.filter((t) => t.worth).map((t) => `${capital(t.name)}: ${t.worth}.`))].map((w) => (
            <p key={w} className="pt-1 text-[0.94rem] text-soft">
              {w}
            </p>
          ))}
        </div>
      ))}
      {open.length > 0 && (
        <table className="ruled mt-2">
          <thead>
            <tr>
              <th scope="col" className="text-[0.9rem] text-soft">
                Turn
              </th>
              <th scope="col" className="text-[0.9rem] text-soft">
                As much as possible
              </th>
            </tr>
          </thead>
          <tbody>
            {open.map((l, i) => {
              const task = l.tasks[l.tables[0]!.rows[0]!.cells[0]!.task]!;
              return (
                <tr key={i}>
                  <th scope="row" className="font-normal">
                    {capital(l.name || "the work")}
                    {l.pieces.length > 1 ? ` × ${l.pieces.length}` : ""}
                  </th>
                  <td>
                    {task.name}
                    {unit(task)}
                    {task.worth && <span className="block text-[0.9rem] text-soft">{task.worth}</span>}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

const sum = (l: Schemas["LedgerView"]) =>
  l.credit === null
    ? `${l.units} in all`
    : l.credit === 0
      ? `${l.units} in all, not counted in the score`
      : `${l.credit} credited in all, for ${l.units} units`;

/** A single task without end. */
const isOpen = (l: Schemas["LedgerView"]) =>
  l.tables.length === 1 &&
  l.tables[0]!.rows.length === 1 &&
  l.tables[0]!.rows[0]!.cells.length === 1 &&
  l.tables[0]!.rows[0]!.cells[0]!.amount === null;

function Rounds({ table, ledger }: { table: Schemas["LedgerTable"]; ledger: Schemas["LedgerView"] }) {
  const tasks = table.rows[0]?.cells.map((c) => ledger.tasks[c.task]!) ?? [];
  return (
    <div className="goes-on overflow-x-auto" role="region" aria-label="Rounds and running totals" tabIndex={0}>
      <table className="ruled">
        <thead>
          <tr>
            <th scope="col" className="text-[0.9rem] text-soft">
              Round
            </th>
            {tasks.map((t, i) => (
              <th key={i} scope="col" className="min-w-24 !text-right text-[0.9rem] text-soft">
                {t.name}
                {unit(t)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.flatMap((r) => [
            <tr key={r.label}>
              <th scope="row" className="font-normal whitespace-nowrap">
                {r.label}
                {oneLoad(r) && <span className="ml-2 text-[0.9rem] text-soft">{oneLoad(r)}</span>}
              </th>
              {r.cells.map((c, i) => (
                <td key={i} className="text-right whitespace-nowrap">
                  <Cell cell={oneLoad(r) ? { ...c, load: null } : c} />
                </td>
              ))}
            </tr>,
            ...(r.note
              ? [
                  <tr key={r.label + " note"}>
                    <td />
                    <td colSpan={tasks.length} className="text-[0.94rem] text-ochre">
                      {r.note}
                    </td>
                  </tr>,
                ]
              : []),
          ])}
          {table.more && (
            <tr>
              <th scope="row" className="font-normal">
                …
              </th>
              <td colSpan={tasks.length} className="text-soft">
                {ledger.units === null ? "and on, without end" : "and on"}
              </td>
            </tr>
          )}
        </tbody>
      </table>
    </div>
  );
}

/** The load of a round when all its lifts share one bar. */
const oneLoad = (r: Schemas["LedgerRow"]) => {
  const loads = [...new Set(r.cells.map((c) => c.load).filter((l) => l !== null))];
  return loads.length === 1 ? loads[0] : null;
};

function List({ table, ledger }: { table: Schemas["LedgerTable"]; ledger: Schemas["LedgerView"] }) {
  const rounds = table.rows.some((r) => r.label);
  return (
    <table className="ruled">
      <thead>
        <tr>
          {rounds && (
            <th scope="col" className="text-[0.9rem] text-soft">
              Round
            </th>
          )}
          <th scope="col" className="text-[0.9rem] text-soft">
            Task
          </th>
          <th scope="col" className="!text-right text-[0.9rem] text-soft">
            Total
          </th>
        </tr>
      </thead>
      <tbody>
        {table.rows.flatMap((r, i) =>
          r.cells.length === 0
            ? [
                <tr key={i}>
                  {rounds && <td>{r.label}</td>}
                  <td colSpan={2} className="text-[0.94rem] text-ochre">
                    {r.note}
                  </td>
                </tr>,
              ]
            : r.cells.map((c, j) => (
                <tr key={`${i}.${j}`}>
                  {rounds && <td>{r.label}</td>}
                  <th scope="row" className="font-normal">
                    {ledger.tasks[c.task]?.name}
                    {unit(ledger.tasks[c.task]!)}
                  </th>
                  <td className="text-right whitespace-nowrap">
                    <Cell cell={c} />
                  </td>
                </tr>
              )),
        )}
        {table.more && (
          <tr>
            <td colSpan={3} className="text-soft">
              … {ledger.units === null ? "and on, without end" : "and on"}
            </td>
          </tr>
        )}
      </tbody>
    </table>
  );
}

const ordinal = (n: number) => `${n}${n === 1 ? "st" : n === 2 ? "nd" : n === 3 ? "rd" : "th"}`;

function Cell({ cell }: { cell: Schemas["LedgerCell"] }) {
  if (cell.amount === null) return <span className="text-soft">max</span>;
  // In a round that leaves the task out, nothing is done and the total stands.
  if (cell.amount === 0) return <span className="text-quiet">–</span>;
  return (
    <>
      {cell.load && <span className="mr-1.5 text-[0.87rem] text-soft">{cell.load}</span>}
      {cell.seat !== null && <span className="mr-1.5 text-[0.87rem] text-soft">{ordinal(cell.seat)}</span>}
      <span className="text-soft">{cell.amount}</span> <b className="inline-block min-w-9">{cell.credit ?? cell.total}</b>
    </>
  );
}
