import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { placeAt } from "./placeAt";

const ledger: Schemas["LedgerView"] = {
  piece: "0",
  pieces: ["0"],
  name: "",
  for: [0],
  units: 46,
  credit: null,
  reason: null,
  tasks: [
    { name: "pull-up", unit: "rep", line: 5, worth: null },
    { name: "sit-up", unit: "rep", line: 6, worth: null },
  ],
  tables: [
    {
      inRounds: true,
      more: false,
      rows: [
        {
          label: "1",
          note: null,
          cells: [
            { task: 0, amount: 10, total: 10, credit: null, load: null, seat: null },
            { task: 1, amount: 15, total: 25, credit: null, load: null, seat: null },
          ],
        },
        {
          label: "2",
          note: null,
          cells: [
            { task: 0, amount: 6, total: 31, credit: null, load: null, seat: null },
            { task: 1, amount: 15, total: 46, credit: null, load: null, seat: null },
          ],
        },
      ],
    },
  ],
};

describe("the place of a count", () => {
  it("is looked up in the rows of the ledger", () => {
    expect(placeAt(ledger, 0)).toBe("at the start");
    expect(placeAt(ledger, 10)).toBe("round 1, pull-up 10 of 10");
    expect(placeAt(ledger, 11)).toBe("round 1, sit-up 1 of 15");
    expect(placeAt(ledger, 46)).toBe("round 2, sit-up 15 of 15");
    expect(placeAt(ledger, 47)).toBe("further than the table shows");
  });
});
