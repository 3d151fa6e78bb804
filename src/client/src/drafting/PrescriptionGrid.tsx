import { useRef, useState } from "react";
import type { Explanation, Schemas } from "../api/client";

/** What is typed of a cell: its figures, without what the row's heading or the unit says. */
const figures = (text: string) => text.replace(/^\d+ × /, "").replace(/ (kg|lb)\b/g, "");

const inherited = (cell: Schemas["GridCell"]) => (cell.text && !cell.own ? `, inherited${cell.from ? ` from ${cell.from}` : ""}` : "");

/** A cell that can be typed into: loads and amounts that are numbers. */
const editable = (row: Schemas["GridRow"], cell: Schemas["GridCell"]) =>
  row.aspect === "load" ? cell.line !== 0 || cell.text === "" : row.aspect === "amount" && /^[\d.]+$/.test(cell.text);

/**
 * Tasks down, division × duty across; inherited values quieter than own ones. A grid after the WAI-ARIA pattern: one tab
 * stop, arrows move, Enter or typing changes a cell, Escape keeps it.
 */
export function PrescriptionGrid({
  explanation,
  column,
  onSet,
}: {
  explanation: Explanation;
  column: number;
  onSet: (row: Schemas["GridRow"], column: number, value: string) => Promise<string | null>;
}) {
  const { columns, rows } = explanation.grid;
  const [at, setAt] = useState<[number, number]>([0, 0]);
  const [editing, setEditing] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const grid = useRef<HTMLTableElement>(null);
  // A digit that began the edit is the first of the number: it must not be selected, or the next one would replace it.
  const begunByDigit = useRef(false);
  // A value is sent once: the field also loses its focus when it is closed, and may while an answer is awaited.
  const open = useRef(false);
  const divisions = columns.reduce<{ name: string; span: number }[]>((all, c) => {
    const last = all[all.length - 1];
    if (last?.name === c.division) last.span++;
    else all.push({ name: c.division, span: 1 });
    return all;
  }, []);
  if (columns.length === 0 || rows.length === 0) return null;
  const [r, c] = [Math.min(at[0], rows.length - 1), Math.min(at[1], columns.length - 1)];
  const focus = (row: number, col: number) => {
    const next: [number, number] = [Math.min(Math.max(row, 0), rows.length - 1), Math.min(Math.max(col, 0), columns.length - 1)];
    setAt(next);
    requestAnimationFrame(() => grid.current?.querySelector<HTMLElement>(`[data-cell="${next[0]}.${next[1]}"]`)?.focus());
  };
  const begin = (text: string, byDigit: boolean) => {
    open.current = true;
    begunByDigit.current = byDigit;
    setEditing(text);
  };
  const commit = async (move: [number, number]) => {
    if (!open.current) return;
    open.current = false;
    const value = editing?.trim() ?? "";
    const refusal = value === "" || value === figures(rows[r]!.cells[c]!.text) ? null : await onSet(rows[r]!, c, value);
    setError(refusal);
    open.current = refusal !== null;
    if (!refusal) {
      setEditing(null);
      focus(r + move[0], c + move[1]);
    }
  };
  const key = (e: React.KeyboardEvent) => {
    const row = rows[r]!;
    const moves: Record<string, [number, number]> = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] };
    const move = moves[e.key];
    if (move) {
      e.preventDefault();
      focus(r + move[0], c + move[1]);
    } else if (e.key === "Home" || e.key === "End") {
      e.preventDefault();
      focus(e.ctrlKey ? (e.key === "Home" ? 0 : rows.length - 1) : r, e.key === "Home" ? 0 : columns.length - 1);
    } else if ((e.key === "Enter" || e.key === "F2" || /^\d$/.test(e.key)) && !e.ctrlKey && !e.altKey && editable(row, row.cells[c]!)) {
      e.preventDefault();
      setError(null);
      const digit = /^\d$/.test(e.key);
      begin(digit ? e.key : figures(row.cells[c]!.text), digit);
    }
  };
  return (
    <section aria-labelledby="loads">
      <div className="section-head">
        <h2 id="loads">Prescriptions</h2>
        <span className="text-[0.9rem] text-soft">own values dark, inherited ones quiet · Enter changes a cell</span>
      </div>
      <div className="goes-on relative overflow-x-auto">
        <table ref={grid} role="grid" aria-labelledby="loads" className="prescriptions">
          <thead>
            <tr>
              <td />
              {divisions.map((d) => (
                <th key={d.name} scope="colgroup" colSpan={d.span} className="border-b border-rule px-2 pt-1.5 !text-center">
                  <bdi>{d.name}</bdi>
                </th>
              ))}
            </tr>
            <tr className="text-[0.87rem] text-soft">
              <td />
              {columns.map((x, i) => (
                <th key={i} scope="col" className={`px-2 !text-right ${i === column ? "font-bold text-ink" : "font-normal"}`}>
                  {x.duty}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => (
              <tr key={`${row.line}.${row.aspect}`} className="border-t border-rule">
                <th scope="row" className="sticky left-0 bg-paper min-w-36 max-w-64 py-1 pr-2 font-normal leading-tight">
                  {i > 0 && rows[i - 1]!.line === row.line ? <span className="sr-only">{row.name}, </span> : <>{row.name}, </>}
                  <span className="text-soft">
                    {row.aspect === "load" ? `load ${row.unit ?? ""}` : row.aspect === "amount" ? row.unit : row.aspect}
                  </span>
                </th>
                {row.cells.map((cell, j) => {
                  const active = i === r && j === c;
                  return (
                    <td
                      key={j}
                      role="gridcell"
                      data-cell={`${i}.${j}`}
                      tabIndex={active ? 0 : -1}
                      aria-readonly={!editable(row, cell)}
                      onKeyDown={active && editing === null ? key : undefined}
                      onClick={() => editing === null && focus(i, j)}
                      onDoubleClick={() => {
                        if (editable(row, cell)) begin(figures(cell.text), false);
                      }}
                      aria-label={`${columns[j]!.division} ${columns[j]!.duty}: ${cell.text || "none"}${inherited(cell)}`}
                      className={`px-1.5 py-1 text-right ${cell.own ? "font-semibold" : "text-quiet"} ${
                        row.aspect === "movement" || row.aspect === "height" ? "text-[0.87rem]" : "mono whitespace-nowrap !text-[0.87rem]"
                      }`}
                    >
                      {active && editing !== null ? (
                        <input
                          className="mono w-24 text-right"
                          aria-label="New value"
                          aria-invalid={!!error}
                          aria-describedby="cell-error"
                          value={editing}
                          // The field replaces the focused cell, so it has to take its focus.
                          // eslint-disable-next-line jsx-a11y/no-autofocus
                          autoFocus
                          onFocus={(e) => {
                            if (!begunByDigit.current) e.target.select();
                          }}
                          onChange={(e) => setEditing(e.target.value)}
                          onBlur={() => {
                            if (!error) void commit([0, 0]);
                          }}
                          onKeyDown={(e) => {
                            e.stopPropagation();
                            if (e.key === "Enter") {
                              e.preventDefault();
                              void commit([1, 0]);
                            }
                            if (e.key === "Tab") {
                              e.preventDefault();
                              void commit([0, e.shiftKey ? -1 : 1]);
                            }
                            if (e.key === "Escape") {
                              open.current = false;
                              setEditing(null);
                              setError(null);
                              focus(r, c);
                            }
                          }}
                        />
                      ) : (
                        cell.text || "–"
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p id="cell-error" className="field-error" role="alert">
        {error}
      </p>
    </section>
  );
}
