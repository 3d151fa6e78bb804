// @vitest-environment happy-dom
import fc from "fast-check";
import { act } from "react";
import { createRoot, type Root } from "react-dom/client";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Competition, StoredCompetition } from "../api/client";

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

/** Everything the application asks of the server goes through this; it is there before the client is made. */
const line = vi.hoisted(() => {
  const line = { answer: (() => Promise.reject(new TypeError("no server"))) as (request: Request) => Promise<Response> };
  globalThis.fetch = (request) => line.answer(request as Request);
  return line;
});
vi.mock("idb-keyval", () => {
  const kept = new Map<string, unknown>();
  return {
    get: async (key: string) => structuredClone(kept.get(key)),
    set: async (key: string, value: unknown) => void kept.set(key, structuredClone(value)),
    del: async (key: string) => void kept.delete(key),
  };
});

import { DocumentConflict, DocumentStatus } from "./DocumentStatus";
import { useCompetitionDocument, type CompetitionDocument } from "./useCompetitionDocument";

type Member = "name" | "place";

const competition = (name: string, place: string) => ({ name, place, policies: [], houseRules: [] }) as unknown as Competition;

/** A competition on a server of the same contract as the real one; what both changed is put together member by member. */
class World {
  open = true;
  revision = 1;
  readonly history: Competition[] = [competition("Games", "Hall")];
  private readonly saves = new Map<string, number>();

  constructor(readonly id: string) {
    line.answer = (request) => this.answer(request);
  }

  get now(): Competition {
    return this.history.at(-1)!;
  }

  stored = (): StoredCompetition => ({
    id: this.id,
    revision: this.revision,
    savedAt: "2026-05-09T08:00:00Z",
    competition: structuredClone(this.now),
  });

  write(change: Partial<Competition>): void {
    this.revision++;
    this.history.push({ ...this.now, ...change });
  }

  private async answer(request: Request): Promise<Response> {
    if (!this.open) throw new TypeError("cut");
    const sent = await request.json();
    if (sent.competition.name === "bad")
      return Response.json(
        { title: "Some fields cannot be accepted.", errors: { name: ["Not this."] } },
        {
          status: 422,
        },
      );
    const mine = this.saves.get(sent.saveId);
    if (mine === undefined ? sent.baseRevision !== this.revision : mine !== this.revision) {
      const base = this.history[sent.baseRevision - 1]!;
      const members: Member[] = ["name", "place"];
      const clash = members.filter(
        (m) => sent.competition[m] !== base[m] && this.now[m] !== base[m] && sent.competition[m] !== this.now[m],
      );
      const merged = {
        ...this.now,
        ...Object.fromEntries(members.filter((m) => sent.competition[m] !== base[m]).map((m) => [m, sent.competition[m]])),
      };
      const changed = members.filter((m) => this.now[m] !== base[m]).map((m) => `The ${m} is now ${this.now[m]}.`);
      return Response.json(
        { title: "Saved elsewhere.", current: this.stored(), changed, merged, clashes: clash.map((m) => `the ${m}`) },
        { status: 409 },
      );
    }
    if (mine === undefined) {
      this.write(sent.competition);
      this.saves.set(sent.saveId, this.revision);
    }
    return Response.json(this.stored());
  }
}

/** The document as a page has it. */
class Window {
  document!: CompetitionDocument;
  readonly page = document.createElement("div");
  private readonly root: Root = createRoot(this.page);

  async open(stored: StoredCompetition): Promise<void> {
    const Page = () => {
      this.document = useCompetitionDocument(stored);
      return (
        <>
          <DocumentStatus of={this.document} />
          <DocumentConflict of={this.document} />
        </>
      );
    };
    await this.do(() => this.root.render(<Page />));
  }

  do = (what: () => void, ms = 0) =>
    act(async () => {
      what();
      await vi.advanceTimersByTimeAsync(ms);
    });

  press = (name: string) => this.do(() => [...this.page.querySelectorAll("button")].find((b) => b.textContent === name)!.click());

  close = () => this.do(() => this.root.unmount(), 60_000);

  get says(): string {
    return this.page.querySelector("[role=status]")!.textContent!;
  }

  get alert(): string {
    return this.page.querySelector("[role=alert]")?.textContent ?? "";
  }
}

let worlds = 0;
const fresh = async (): Promise<[World, Window]> => {
  const world = new World(`competition ${++worlds}`);
  const window = new Window();
  await window.open(world.stored());
  return [world, window];
};

type Step =
  | { do: "change"; member: Member; to: string }
  | { do: "others"; member: Member; to: string }
  | { do: "undo" | "redo" }
  | { do: "wait"; ms: number }
  | { do: "line"; on: boolean }
  | { do: "settle"; with: "mine" | "theirs" | "both" };

const member = fc.constantFrom<Member>("name", "place");
const word = fc.constantFrom("a", "b", "c", "d");
const step: fc.Arbitrary<Step> = fc.oneof(
  { weight: 5, arbitrary: fc.record({ do: fc.constant("change" as const), member, to: word }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant("others" as const), member, to: word }) },
  { weight: 3, arbitrary: fc.record({ do: fc.constantFrom("undo" as const, "redo" as const) }) },
  { weight: 4, arbitrary: fc.record({ do: fc.constant("wait" as const), ms: fc.integer({ min: 0, max: 4000 }) }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant("line" as const), on: fc.boolean() }) },
  {
    weight: 2,
    arbitrary: fc.record({
      do: fc.constant("settle" as const),
      with: fc.constantFrom("mine" as const, "theirs" as const, "both" as const),
    }),
  },
);

/** What undo and redo go through, said without timers: each change is a step, unless it is in the same field soon after. */
class Model {
  past: Competition[] = [];
  future: Competition[] = [];
  last = { field: "", at: -1e9 };

  constructor(public value: Competition) {}

  before(field: string): void {
    const at = Date.now();
    if (!(this.last.field === field && at - this.last.at < 1500 && this.past.length > 0)) this.past.push(this.value);
    this.last = { field, at };
    this.future = [];
  }

  step(from: Competition[], to: Competition[]): void {
    const next = from.pop();
    if (!next) return;
    to.push(this.value);
    this.value = next;
    this.last = { field: "", at: -1e9 };
  }
}

describe("a competition that is being edited", () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  it("is what was typed, undone or settled, and reaches the server or asks", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 20 }), async (steps) => {
        const [world, window] = await fresh();
        const model = new Model(world.now);
        for (const s of steps) {
          const conflict = window.document.conflict;
          if (s.do === "change") {
            model.before(s.member);
            model.value = { ...model.value, [s.member]: s.to };
            await window.do(() => window.document.change({ ...window.document.value, [s.member]: s.to }, s.member));
          } else if (s.do === "others") world.write({ [s.member]: s.to });
          else if (s.do === "undo") {
            model.step(model.past, model.future);
            await window.do(() => window.document.undo());
          } else if (s.do === "redo") {
            model.step(model.future, model.past);
            await window.do(() => window.document.redo());
          } else if (s.do === "wait") await window.do(() => undefined, s.ms);
          else if (s.do === "line") world.open = s.on;
          else if (s.do === "settle" && conflict) {
            if (s.with !== "mine") {
              model.before("settle");
              model.value = s.with === "both" ? conflict.merged! : conflict.current.competition;
            }
            await window.do(() => window.document.settle(s.with));
          }
          expect(window.document.value).toEqual(model.value);
          expect(window.document.canUndo).toBe(model.past.length > 0);
          expect(window.document.canRedo).toBe(model.future.length > 0);
        }
        world.open = true;
        await window.do(() => undefined, 30_000);
        expect(["saved", "conflict"]).toContain(window.document.state);
        if (window.document.state === "saved") expect(world.history).toContainEqual(model.value);
        await window.close();
      }),
      { numRuns: process.env.LONG ? 1000 : 60 },
    );
  }, 300_000);

  it("says everything that was changed elsewhere, and loses none of both with both changes", async () => {
    const [world, window] = await fresh();
    world.write({ place: "Quay", policies: [] });
    await window.do(() => window.document.change({ ...window.document.value, name: "Ferry Games" }, "name"), 2000);
    expect(window.says).toBe("not saved: changed elsewhere");
    expect(window.alert).toContain("Saved elsewhere.");
    expect(window.alert).toContain("The place is now Quay.");
    expect(window.alert).not.toContain("Both windows changed");
    await window.press("Keep both changes");
    await window.do(() => undefined, 2000);
    expect(world.now).toMatchObject({ name: "Ferry Games", place: "Quay" });
    expect(window.says).toBe("saved");
    expect(window.alert).toBe("");
    // What was settled is one step of undo.
    await window.press("Undo");
    expect(window.document.value).toMatchObject({ name: "Ferry Games", place: "Hall" });
    await window.close();
  });

  it("names what both changed, and keeps mine or theirs as chosen", async () => {
    for (const [button, name, place] of [
      ["Keep mine, drop theirs", "Mine", "Hall"],
      ["Take theirs, drop mine", "Theirs", "Quay"],
      ["Keep both changes", "Mine", "Quay"],
    ] as const) {
      const [world, window] = await fresh();
      world.write({ name: "Theirs", place: "Quay" });
      await window.do(() => window.document.change({ ...window.document.value, name: "Mine" }, "name"), 2000);
      expect(window.alert).toContain("Both windows changed the name; with both changes, it is yours that stays there.");
      await window.press(button);
      await window.do(() => undefined, 2000);
      expect(world.now).toMatchObject({ name, place });
      expect(window.document).toMatchObject({ state: "saved", value: { name, place } });
      await window.close();
    }
  });

  it("marks the field that was refused and takes the next value", async () => {
    const [world, window] = await fresh();
    await window.do(() => window.document.change({ ...window.document.value, name: "bad" }, "name"), 2000);
    expect(window.says).toBe("not saved: see the marked field");
    expect(window.document.error?.at("name")).toBe("Not this.");
    await window.do(() => window.document.change({ ...window.document.value, name: "good" }, "name"), 2000);
    expect(window.document.error).toBeNull();
    expect(world.now.name).toBe("good");
    await window.close();
  });

  it("goes on trying after its page is left, and is found again by the next one", async () => {
    const [world, window] = await fresh();
    world.open = false;
    await window.do(() => window.document.change({ ...window.document.value, name: "Later" }, "name"), 2000);
    expect(window.says).toContain("It is kept in this browser and tried again.");
    const next = new Window();
    await next.open(world.stored());
    expect(next.document.value.name).toBe("Later");
    expect(window.says).toContain("not saved");
    world.open = true;
    await next.do(() => undefined, 20_000);
    expect(world.now.name).toBe("Later");
    expect(next.says).toBe("saved");
    await next.close();
    await window.close();
  });
});
