import fc from "fast-check";
import { expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { tracksOf } from "./tracks";

const at = (who: string | null, does: string, where: string | null = "0") => ({ who, where, does });
const timeline = (spans: { starts: number; ends: number; where: ReturnType<typeof at>[] }[]) =>
  ({ ends: spans[spans.length - 1]?.ends ?? 0, spans }) as unknown as Schemas["Timeline"];

it("has a line for each who is at a place of its own, and says whose it is once", () => {
  const rota = timeline([
    { starts: 0, ends: 60, where: [at("1st", "Row"), at("2nd", "Bags")] },
    { starts: 60, ends: 120, where: [at("1st", "Bags"), at("2nd", "rests", null)] },
  ]);
  expect(tracksOf(rota)).toEqual([
    {
      who: "1st",
      cells: [
        { from: 0, to: 60, does: "Row", rests: false, first: true },
        { from: 60, to: 120, does: "Bags", rests: false, first: false },
      ],
    },
    {
      who: "2nd",
      cells: [
        { from: 0, to: 60, does: "Bags", rests: false, first: true },
        { from: 60, to: 120, does: "rests", rests: true, first: false },
      ],
    },
  ]);
  expect(tracksOf(timeline([{ starts: 0, ends: 60, where: [at(null, "works")] }]))).toEqual([]);
});

it("loses no moment of anybody, joins what goes on, and never lies over itself", () =>
  fc.assert(
    fc.property(fc.array(fc.array(fc.constantFrom("Row", "Bags", "Mat"), { minLength: 2, maxLength: 2 }), { maxLength: 12 }), (turns) => {
      const rows = tracksOf(
        timeline(turns.map((turn, i) => ({ starts: i * 10, ends: i * 10 + 10, where: turn.map((does, k) => at(`${k + 1}`, does)) }))),
      );
      for (const [k, row] of rows.entries()) {
        expect(row.cells.reduce((sum, c) => sum + c.to - c.from, 0)).toBe(turns.length * 10);
        for (const [i, turn] of turns.entries()) {
          const cell = row.cells.filter((c) => c.from <= i * 10 && c.to > i * 10);
          expect(cell.map((c) => c.does)).toEqual([turn[k]]);
        }
        for (let i = 1; i < row.cells.length; i++) expect(row.cells[i]!.does).not.toBe(row.cells[i - 1]!.does);
      }
    }),
  ));
