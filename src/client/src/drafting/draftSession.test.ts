// @vitest-environment happy-dom
import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

/** Everything the application asks of the server goes through this; it is there before the client is made. */
const line = vi.hoisted(() => {
  const kept = new Map<string, unknown>();
  const line = { kept, answer: (() => Promise.reject(new TypeError("no server"))) as (request: Request) => Promise<Response> };
  globalThis.fetch = (request) => line.answer(request as Request);
  return line;
});
vi.mock("idb-keyval", () => ({
  get: async (key: string) => structuredClone(line.kept.get(key)),
  set: async (key: string, value: unknown) => void line.kept.set(key, structuredClone(value)),
  del: async (key: string) => void line.kept.delete(key),
}));

import { DraftSession } from "./draftSession";

/** One draft on a server of the same contract as the real one, and a line to it that can be cut. */
class World {
  open = true;
  revision = 1;
  body = "Begun\n";
  /** How many texts are being explained at this moment, and how many ever were at once. */
  explaining = 0;
  most = 0;
  asked: string[] = [];
  private readonly saves = new Map<string, number>();

  constructor(readonly id: string) {
    line.answer = (request) => this.answer(request);
  }

  stored = () => ({ id: this.id, competitionId: "c", revision: this.revision, savedAt: "2026-05-09T08:00:00Z", body: this.body });

  write(body: string): void {
    this.revision++;
    this.body = body;
  }

  private async answer(request: Request): Promise<Response> {
    const path = new URL(request.url).pathname;
    const sent = await request.json();
    if (path.endsWith("/explain")) {
      this.most = Math.max(this.most, ++this.explaining);
      await new Promise((done) => setTimeout(done, 40));
      this.explaining--;
      if (!this.open) throw new TypeError("cut");
      this.asked.push(sent.body);
      if (sent.body.length > 12) return Response.json({ title: "Too long.", errors: { body: ["At most 12."] } }, { status: 422 });
      return Response.json({ doc: sent.doc, explanation: { of: sent.body } });
    }
    await new Promise((done) => setTimeout(done, 25));
    if (!this.open) throw new TypeError("cut");
    const mine = this.saves.get(sent.saveId);
    if (mine === undefined ? sent.baseRevision !== this.revision : mine !== this.revision)
      return Response.json({ title: "Saved elsewhere.", current: this.stored(), changed: [], merged: null }, { status: 409 });
    if (mine === undefined) {
      this.write(sent.body);
      this.saves.set(sent.saveId, this.revision);
    }
    return Response.json(this.stored());
  }
}

type Step = { do: "type" | "others"; text: string } | { do: "wait"; ms: number } | { do: "line" | "settle"; on: boolean };

const text = fc.string({ maxLength: 14 });
const step: fc.Arbitrary<Step> = fc.oneof(
  { weight: 4, arbitrary: fc.record({ do: fc.constant("type" as const), text }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant("others" as const), text }) },
  { weight: 4, arbitrary: fc.record({ do: fc.constant("wait" as const), ms: fc.integer({ min: 0, max: 3000 }) }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constant("line" as const), on: fc.boolean() }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant("settle" as const), on: fc.boolean() }) },
);

let worlds = 0;

describe("a draft that is being written", () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    line.kept.clear();
  });

  it("keeps what was typed, explains one text at a time, and comes to rest on the newest", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 25 }), async (steps) => {
        const world = new World(`draft ${++worlds}`);
        const session = new DraftSession(world.stored());
        let typed = world.body;
        const editor: string[] = [];
        await session.open((t) => void editor.push(t));
        for (const s of steps) {
          if (s.do === "type") session.change((typed = s.text));
          else if (s.do === "others") world.write(s.text);
          else if (s.do === "wait") await vi.advanceTimersByTimeAsync(s.ms);
          else if (s.do === "line") world.open = s.on;
          else if (s.do === "settle") {
            const { save } = session.snapshot();
            if (save.kind === "conflict") session.settle((typed = s.on ? typed : save.conflict.current.body));
          }
          // What stands in the editor is what was typed or chosen, whatever comes back from the server.
          expect(session.snapshot().text).toBe(typed);
          expect(world.most).toBeLessThanOrEqual(1);
        }
        world.open = true;
        await vi.advanceTimersByTimeAsync(30_000);
        const view = session.snapshot();
        expect(view.text).toBe(typed);
        if (typed.length <= 12) expect(view).toMatchObject({ explained: typed, stale: null, explanation: { of: typed } });
        else expect(view.stale).toBe("Too long. At most 12.");
        if (view.save.kind === "saved") expect(line.kept.has(`text:${world.id}`)).toBe(false);
        else expect(view.save.kind).toBe("conflict");
        session.close();
        await vi.advanceTimersByTimeAsync(30_000);
      }),
      { numRuns: process.env.LONG ? 2000 : 120 },
    );
  }, 300_000);

  it("says that an explanation is of an older text while the server is away, and asks again by itself", async () => {
    const world = new World("away");
    const session = new DraftSession(world.stored());
    await session.open(() => undefined);
    await vi.advanceTimersByTimeAsync(100);
    world.open = false;
    session.change("Newer\n");
    await vi.advanceTimersByTimeAsync(1000);
    expect(session.snapshot()).toMatchObject({ explained: "Begun\n", stale: "not up to date: the application does not answer" });
    expect(session.snapshot().save).toMatchObject({ kind: "waiting", reason: "The application does not answer." });
    world.open = true;
    await vi.advanceTimersByTimeAsync(10_000);
    expect(session.snapshot()).toMatchObject({ explained: "Newer\n", stale: null, save: { kind: "saved" } });
    expect(world.body).toBe("Newer\n");
  });

  it("finds what never reached the server again in another window, and tells the editor", async () => {
    const world = new World("again");
    const first = new DraftSession(world.stored());
    await first.open(() => undefined);
    world.open = false;
    first.change("Lost?\n");
    await vi.advanceTimersByTimeAsync(1000);
    // The browser is closed here: what the first window would still do is not done.
    const stored = { ...world.stored(), id: "again" };
    const keptNow = line.kept.get("text:again");
    expect(keptNow).toMatchObject({ value: "Lost?\n", base: 1 });
    vi.resetModules();
    const { DraftSession: Fresh } = await import("./draftSession");
    world.open = true;
    const editor: string[] = [];
    const second = new Fresh(stored);
    await second.open((t) => void editor.push(t));
    await vi.advanceTimersByTimeAsync(0);
    expect(editor).toEqual(["Lost?\n"]);
    expect(second.snapshot()).toMatchObject({ text: "Lost?\n", recovered: true });
    await vi.advanceTimersByTimeAsync(10_000);
    expect(world.body).toBe("Lost?\n");
    expect(second.snapshot()).toMatchObject({ recovered: false, save: { kind: "saved" } });
  });

  it("asks about a conflict with both texts and keeps either", async () => {
    for (const mine of [true, false]) {
      const world = new World(`conflict ${mine}`);
      const session = new DraftSession(world.stored());
      await session.open(() => undefined);
      world.write("Theirs\n");
      session.change("Mine\n");
      await vi.advanceTimersByTimeAsync(2000);
      const { save } = session.snapshot();
      expect(save).toMatchObject({ kind: "conflict", conflict: { current: { body: "Theirs\n", revision: 2 } } });
      session.settle(mine ? "Mine\n" : "Theirs\n");
      await vi.advanceTimersByTimeAsync(2000);
      expect(world).toMatchObject(mine ? { body: "Mine\n", revision: 3 } : { body: "Theirs\n", revision: 2 });
      expect(session.snapshot()).toMatchObject({ text: world.body, save: { kind: "saved" } });
    }
  });
});
