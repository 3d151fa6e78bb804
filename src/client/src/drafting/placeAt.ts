import type { Schemas } from "../api/client";

/** Where a count stands, looked up in the ledger's rows: "round 2, sit-up 9 of 12". */
export function placeAt(ledger: Schemas["LedgerView"], done: number): string {
  if (done <= 0) return "at the start";
  for (const table of ledger.tables) {
    for (const row of table.rows) {
      for (const cell of row.cells) {
        if (cell.total !== null && cell.amount !== null && cell.total >= done) {
          const round = row.label ? `round ${row.label}, ` : "";
          return `${round}${ledger.tasks[cell.task]?.name ?? ""} ${done - (cell.total - cell.amount)} of ${cell.amount}`;
        }
      }
    }
  }
  return "further than the table shows";
}
