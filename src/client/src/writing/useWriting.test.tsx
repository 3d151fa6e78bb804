// @vitest-environment happy-dom
import fc from "fast-check";
import { act } from "react";
import { createRoot, type Root } from "react-dom/client";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Movement } from "../api/client";

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

/** Everything the application asks of the server goes through this; it is there before the client is made. */
const line = vi.hoisted(() => {
  const line = { answer: (() => Promise.reject(new TypeError("no server"))) as (request: Request) => Promise<Response> };
  globalThis.fetch = (request) => line.answer(request as Request);
  return line;
});
const kept = vi.hoisted(() => new Map<string, unknown>());
vi.mock("idb-keyval", () => ({
  get: async (key: string) => structuredClone(kept.get(key)),
  set: async (key: string, value: unknown) => void kept.set(key, structuredClone(value)),
}));

import { forget, putIntoBook, unfinished, useWriting, type Place } from "./useWriting";

type Writing = ReturnType<typeof useWriting>;

const begun = {
  id: "own",
  name: { english: "ferry carry", spanish: null },
  synonyms: [],
  clauses: [],
  faults: [],
  poses: [],
} as unknown as Movement;
const start: Place = { phase: "Start", breaks: null };
const finish: Place = { phase: "Finish", breaks: null };

/** The angles of a position after a turn, as the core says them; each question takes its time. */
class Server {
  most = 0;
  asking = 0;
  down = false;

  constructor() {
    line.answer = async (request) => {
      const { movement, pose } = await request.json();
      this.most = Math.max(this.most, ++this.asking);
      await new Promise((done) => setTimeout(done, 30));
      this.asking--;
      if (this.down) throw new TypeError("cut");
      const now: { joint: string; degrees: number }[] = movement.poses.find((p: Place) => p.phase === pose.phase)?.angles ?? [];
      const angles = pose.turn ? [...now.filter((a) => a.joint !== pose.turn.joint), pose.turn] : now;
      const drawn = { angles, drawing: {}, handles: [], verdicts: [] };
      return Response.json({ errors: [], unseen: [], pose: drawn, plate: null, phase: pose.phase });
    };
  }
}

class Page {
  writing!: Writing;
  private readonly root: Root = createRoot(document.createElement("div"));

  async open(key: string): Promise<void> {
    const Hook = () => {
      this.writing = useWriting("c", key, begun);
      return null;
    };
    await this.do(() => this.root.render(<Hook />), 100);
  }

  do = (what: () => void, ms = 0) =>
    act(async () => {
      what();
      await vi.advanceTimersByTimeAsync(ms);
    });

  close = () => this.do(() => this.root.unmount(), 1000);

  angles = (place: Place) => (this.writing.movement.poses ?? []).find((p) => p.phase === place.phase)?.angles ?? [];
}

let pages = 0;
const fresh = async (): Promise<[Server, Page]> => {
  const server = new Server();
  const page = new Page();
  await page.open(`movement ${++pages}`);
  return [server, page];
};

type Step = { do: "turn"; joint: string; at: Place; degrees: number } | { do: "write"; name: string } | { do: "wait"; ms: number };

const step: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({
      do: fc.constant("turn" as const),
      joint: fc.constantFrom("Knee", "Hip"),
      at: fc.constantFrom(start, finish),
      degrees: fc.integer({ min: 1, max: 90 }),
    }),
  },
  { weight: 3, arbitrary: fc.record({ do: fc.constant("write" as const), name: fc.constantFrom("carry", "drag", "push") }) },
  { weight: 3, arbitrary: fc.record({ do: fc.constant("wait" as const), ms: fc.integer({ min: 0, max: 100 }) }) },
);

const turn = (joint: string, degrees: number) => ({ turn: { joint, side: null, degrees } }) as never;

describe("a standard that is being written", () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  it("takes every turn of a joint at its place, whatever is written or shown meanwhile, one question at a time", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 15 }), async (steps) => {
        const [server, page] = await fresh();
        const turned = new Map<string, number>();
        let name = begun.name.english;
        for (const s of steps) {
          if (s.do === "turn") {
            turned.set(`${s.at.phase} ${s.joint}`, s.degrees);
            await page.do(() => page.writing.show(s.at, 1750));
            await page.do(() => page.writing.pose(turn(s.joint, s.degrees), `turn ${s.joint}`));
          } else if (s.do === "write") {
            name = s.name;
            await page.do(() => page.writing.change({ ...page.writing.movement, name: { english: name, spanish: null } }, "name"));
          } else await page.do(() => undefined, s.ms);
          expect(page.writing.movement.name.english).toBe(name);
        }
        await page.do(() => undefined, 60 * (steps.length + 2));
        expect(server.most).toBeLessThanOrEqual(1);
        for (const place of [start, finish])
          expect(Object.fromEntries(page.angles(place).map((a) => [`${place.phase} ${a.joint}`, a.degrees]))).toEqual(
            Object.fromEntries([...turned].filter(([at]) => at.startsWith(place.phase))),
          );
        // What is shown is the newest look at the place that is shown.
        expect(page.writing.looked).toMatchObject({ phase: page.writing.place.phase });
        expect(await unfinished("c", `movement ${pages}`)).toEqual(steps.some((s) => s.do !== "wait") ? page.writing.movement : undefined);
        await page.close();
      }),
      { numRuns: process.env.LONG ? 1000 : 60 },
    );
  }, 300_000);

  it("asks once for a joint that is turned on while an answer is on its way", async () => {
    const [, page] = await fresh();
    let asked = 0;
    const answer = line.answer;
    line.answer = (request) => (asked++, answer(request));
    for (const degrees of [10, 20, 30, 40]) await page.do(() => page.writing.pose(turn("Knee", degrees), "turn Knee"));
    await page.do(() => undefined, 500);
    expect(asked).toBe(2);
    expect(page.angles(finish)).toMatchObject([{ joint: "Knee", degrees: 40 }]);
    await page.close();
  });

  it("does not take a turn that was undone before its answer came", async () => {
    const [, page] = await fresh();
    await page.do(() => page.writing.pose(turn("Knee", 10), "turn Knee"), 100);
    await page.do(() => page.writing.pose(turn("Hip", 20), "turn Hip"));
    await page.do(() => page.writing.undo());
    await page.do(() => undefined, 500);
    expect(page.angles(finish)).toMatchObject([{ joint: "Knee", degrees: 10 }]);
    await page.do(() => page.writing.undo(), 500);
    expect(page.angles(finish)).toEqual([]);
    await page.do(() => page.writing.redo(), 500);
    expect(page.angles(finish)).toMatchObject([{ joint: "Knee", degrees: 10 }]);
    await page.close();
  });

  it("keeps what is written while the server is away, and says so", async () => {
    const [server, page] = await fresh();
    server.down = true;
    await page.do(() => page.writing.change({ ...page.writing.movement, name: { english: "drag", spanish: null } }, "name"), 100);
    expect(page.writing.failed).toMatchObject({ title: "The application does not answer.", passing: true });
    expect(await unfinished("c", `movement ${pages}`)).toMatchObject({ name: { english: "drag" } });
    server.down = false;
    await page.do(() => page.writing.change({ ...page.writing.movement, name: { english: "push", spanish: null } }, "name"), 100);
    expect(page.writing.failed).toBeNull();
    await forget("c", `movement ${pages}`);
    expect(await unfinished("c", `movement ${pages}`)).toBeUndefined();
    await page.close();
  });
});

describe("putting a standard into the book", () => {
  /** A competition that others write to as well, so many times before a save goes through. */
  const book = (own: Movement[], others: number) => {
    let revision = 1;
    let stored = { name: "Games", place: "Hall", ownMovements: own };
    line.answer = async (request) => {
      const whole = () => ({ id: "c", revision, savedAt: "2026-05-09T08:00:00Z", competition: structuredClone(stored) });
      if (request.method === "GET") return Response.json(whole());
      if (others-- > 0) {
        revision++;
        stored = { ...stored, place: `Quay ${revision}` };
      }
      const sent = await request.json();
      if (sent.baseRevision !== revision) return Response.json({ title: "Saved elsewhere.", current: whole() }, { status: 409 });
      if (sent.competition.ownMovements.length > 2)
        return Response.json({ title: "Some fields cannot be accepted.", errors: { ownMovements: ["Too many."] } }, { status: 422 });
      revision++;
      stored = sent.competition;
      return Response.json(whole());
    };
    return () => stored;
  };
  const named = (id: string) => ({ ...begun, id }) as Movement;

  it("adds or replaces it, over whatever was saved meanwhile", async () => {
    const added = book([named("a")], 2);
    expect(await putIntoBook("c", { ...named("b"), synonyms: [" hop ", ""] } as Movement, null)).toBeNull();
    expect(added()).toMatchObject({ place: "Quay 3", ownMovements: [{ id: "a" }, { id: "b", synonyms: ["hop"] }] });
    const replaced = book([named("a"), named("b")], 1);
    expect(await putIntoBook("c", named("z"), "a")).toBeNull();
    expect(replaced().ownMovements.map((m) => m.id)).toEqual(["z", "b"]);
  });

  it("says why it was refused, and gives up when others are always faster", async () => {
    book([named("a"), named("b")], 0);
    expect(await putIntoBook("c", named("d"), null)).toMatchObject({ status: 422, errors: { ownMovements: ["Too many."] } });
    const never = book([], 99);
    expect(await putIntoBook("c", named("d"), null)).toMatchObject({ status: 409, title: "Saved elsewhere." });
    expect(never().ownMovements).toEqual([]);
  });
});
