import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { objectionAt } from "./objections";

type Field = Schemas["CardField"];

const field = (piece: string, name: Field["field"], strand: string | null = null): Field => ({
  piece,
  field: name,
  label: "",
  hint: "",
  max: null,
  limit: null,
  strand,
  number: null,
  spare: false,
});

const fields = [
  field("0", "finish"),
  field("0", "counted"),
  field("0", "stood"),
  ...Array.from({ length: 12 }, (_, i) => field("2", "count", `s${i}`)),
  field("2", "tries"),
];

describe("what is objected to at a field", () => {
  it("is found by the place of the part on the card, not by its key", () => {
    const errors = { "run.pieces[1].tries[0].load": ["Too heavy."], "run.pieces[0].finish": ["Too late.", "After the cap."] };
    expect(objectionAt(fields[0]!, fields, errors)).toBe("Too late. After the cap.");
    expect(objectionAt(fields.at(-1)!, fields, errors)).toBe("Too heavy.");
    expect(objectionAt(fields[1]!, fields, errors)).toBeUndefined();
  });

  it("tells the second counter from the eleventh", () => {
    const errors = { "run.pieces[1].counts[10].counted": ["From 0 to 5."] };
    expect(fields.filter((f) => objectionAt(f, fields, errors)).map((f) => f.strand)).toEqual(["s10"]);
  });

  it("stands at the member it is about, and at the first where it is about all of them", () => {
    const members = [1, 2].map((number) => ({ ...field("0", "by"), number, task: 0 }));
    const one = { "run.pieces[0].by[1].units": ["From 0 to 70."] };
    expect(members.map((f) => objectionAt(f, members, one))).toEqual([undefined, "From 0 to 70."]);
    const all = { "run.pieces[0].by": ["the 2nd owes 3."] };
    expect(members.map((f) => objectionAt(f, members, all))).toEqual(["the 2nd owes 3.", undefined]);
  });

  it("is found at the gate it speaks of", () => {
    const gates = [1, 2].map((number) => ({ ...field("0", "gates"), number }));
    const errors = { "run.pieces[0].gates[1]": ["This gate closed at 6:00."] };
    expect(gates.map((f) => objectionAt(f, gates, errors))).toEqual([undefined, "This gate closed at 6:00."]);
  });

  it("says a count that is missing altogether at the first counter only", () => {
    const errors = { "run.pieces[1].units": ["This part has several counters."] };
    expect(fields.filter((f) => objectionAt(f, fields, errors)).map((f) => f.strand)).toEqual(["s0"]);
    expect(objectionAt(fields[1]!, fields, { "run.pieces[0].units": ["Enter the reps done."] })).toBe("Enter the reps done.");
  });

  it("does not take one field for another whose name begins alike", () => {
    expect(objectionAt(fields[1]!, fields, { "run.pieces[0].countedDone": ["No such key."] })).toBeUndefined();
    expect(objectionAt(fields[2]!, fields, { "run.pieces[0].stood.round": ["There are 3 rounds."] })).toBe("There are 3 rounds.");
  });
});
