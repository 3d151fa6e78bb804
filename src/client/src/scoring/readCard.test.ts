import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { readCard, type CardValues } from "./readCard";

const field = (piece: string, name: Schemas["CardField"]["field"], strand: string | null = null): Schemas["CardField"] => ({
  piece,
  field: name,
  label: name,
  hint: "",
  max: null,
  limit: null,
  strand,
  number: null,
  spare: false,
});
const card = (change: Partial<CardValues>): CardValues => ({
  status: "Ran",
  unjudged: false,
  pieces: ["0"],
  fields: [field("0", "counted")],
  tasks: [],
  values: {},
  lifts: {},
  places: {},
  members: 1,
  ...change,
});

describe("the fields of a card", () => {
  it("become an observation", () => {
    const { run, wrong } = readCard(card({ values: { "0.counted": " 48 ", "0.tieTime": "6:05" } }));
    expect(wrong).toEqual({});
    expect(run.pieces[0]).toMatchObject({ piece: "0", counted: 48, tieTime: 365000, finish: null, counts: [] });
  });

  it("name what is no number or time at its field", () => {
    const { wrong } = readCard(
      card({ values: { "0.counted": "4 8", "0.finish": "eight" }, fields: [field("0", "finish"), field("0", "counted")] }),
    );
    expect(Object.keys(wrong).sort()).toEqual(["0.counted", "0.finish"]);
  });

  it("keep a count for each counter, and none when all are empty", () => {
    const fields = [field("0", "count", "first"), field("0", "count", "then")];
    expect(readCard(card({ fields, values: { "0.count.then": "83" } })).run.pieces[0]!.counts).toEqual([
      { strand: "first", counted: 0 },
      { strand: "then", counted: 83 },
    ]);
    expect(readCard(card({ fields })).run.pieces[0]!.counts).toEqual([]);
  });

  it("keep a time for each gate at its place, and none when all are empty", () => {
    const fields = [1, 2, 3].map((number) => ({ ...field("0", "gates"), number }));
    const { run, wrong } = readCard(card({ fields, values: { "0.gates.1": "3:59", "0.gates.3": "late" } }));
    expect(run.pieces[0]!.gates).toEqual([239000, null, null]);
    expect(Object.keys(wrong)).toEqual(["0.gates.3"]);
    expect(readCard(card({ fields })).run.pieces[0]!.gates).toEqual([]);
  });

  it("keep what each member did and the clock at named marks, and neither when all are empty", () => {
    const fields = [
      ...[1, 2].map((number) => ({ ...field("0", "by"), number, task: 0 })),
      { ...field("0", "marks"), mark: "Deck" },
      { ...field("0", "marks"), mark: "half of the work" },
    ];
    const { run, wrong } = readCard(card({ fields, values: { "0.by.0.1": "29", "0.by.0.2": "", "0.marks.Deck": "7:02" } }));
    expect(wrong).toEqual({});
    expect(run.pieces[0]!.by).toEqual([
      { seat: 1, task: 0, units: 29 },
      { seat: 2, task: 0, units: 0 },
    ]);
    expect(run.pieces[0]!.marks).toEqual([{ mark: "Deck", time: 422000 }]);
    const empty = readCard(card({ fields })).run.pieces[0]!;
    expect([empty.by, empty.marks]).toEqual([[], []]);
  });

  it("name a place with its option, and a round only where there are rounds", () => {
    const tasks = [
      { piece: "0", tasks: [{ index: 0, name: "lunge", inRounds: true, word: "rep", options: ["12 at 50 kg", "16 at 40 kg"] }] },
    ];
    const at = { round: "2", task: 0, unit: "9", option: 1 };
    expect(readCard(card({ tasks, places: { "0": at } })).run.pieces[0]!.stood).toEqual({
      round: 2,
      task: 0,
      unit: 9,
      option: 1,
      metres: null,
    });
    expect(readCard(card({ tasks, places: { "0": { ...at, round: "two" } } })).wrong).toHaveProperty("0.stood");
    expect(
      readCard(card({ tasks: [{ piece: "0", tasks: [{ ...tasks[0]!.tasks[0]!, inRounds: false, options: [] }] }], places: { "0": at } }))
        .run.pieces[0]!.stood,
    ).toMatchObject({ round: null, option: null });
  });

  it("leave out lifts without a load and say the lifter only in a team", () => {
    const lifts = {
      "0": [
        { load: "80", made: true, seat: 1 },
        { load: "", made: true, seat: 1 },
      ],
    };
    expect(readCard(card({ lifts })).run.pieces[0]!.tries).toEqual([{ load: 80, made: true, seat: null, noClips: false }]);
    expect(
      readCard(card({ members: 2, lifts: { "0": [...lifts["0"], { load: "60.5", made: false, seat: 2 }] } })).run.pieces[0]!.tries.map(
        (t) => t.seat,
      ),
    ).toEqual([1, 2]);
    expect(readCard(card({ lifts: { "0": [{ load: "8O", made: true, seat: 1 }] } })).wrong).toHaveProperty("0.tries");
  });
});
