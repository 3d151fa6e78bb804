import { describe, expect, it } from "vitest";
import type { StoredCompetition } from "./client";
import { changed, queries } from "./queries";
import { queryClient } from "./queryClient";

const entry = { body: "T", division: "Meadow", duty: "woman" };

describe("what is asked of the server", () => {
  it("has a key of its own for everything that can be asked about one thing", () => {
    const keys = [
      queries.competitions(),
      queries.competition("a"),
      queries.overview("a"),
      queries.book("a"),
      queries.policies("a"),
      queries.standard("a", "b", "", ""),
      queries.standard("a", "b", "c", ""),
      queries.standard("a", "b", "", "c"),
      queries.standardHere("a", "b"),
      queries.figures("a", "b", 1750, ""),
      queries.phrases(),
      queries.things(),
      queries.nearestStandards("a", "b"),
      queries.copyOfStandard("a", "b", "c"),
      queries.workout("a"),
      queries.explained("a", "b", { revision: 1, body: "" }),
      queries.explained("a", "b", { revision: 2, body: "" }),
      queries.card("a", entry),
      queries.card("a", { ...entry, duty: "man" }),
      queries.movements("a"),
      queries.interview("a"),
      queries.published("a"),
      queries.changes("a", 1, undefined),
      queries.changes("a", 1, 2),
      queries.confirmations("a"),
      queries.questions("a"),
      queries.brief("a", { audience: "Judge" }),
      queries.brief("a", { audience: "Athlete" }),
      queries.pack("a", {}),
      queries.measurements("a"),
      queries.line("a", { place: "b", typed: "c", unit: "Millimetre" }),
      queries.code("a"),
      queries.publishedBrief("a", { audience: "Judge" }),
      queries.publicQuestions("a"),
      queries.erratum("a", { language: "English" }),
    ].map((q) => JSON.stringify(q.queryKey));
    expect(new Set(keys).size).toBe(keys.length);
  });

  it("keeps a difference between two versions, and never one to a draft", () => {
    expect(queries.changes("a", 1, 2).staleTime).toBe(Infinity);
    expect(queries.changes("a", 1, undefined).staleTime).toBe(0);
  });

  it("asks again for what follows from a competition, and for nothing of another one", async () => {
    const follows = [queries.overview("a"), queries.book("a"), queries.policies("a"), queries.standard("a", "sit-up", "Meadow", "w")];
    const others = [queries.overview("b"), queries.standard("b", "sit-up", "", ""), queries.workout("a")];
    for (const q of [...follows, ...others]) queryClient.setQueryData<unknown>(q.queryKey as readonly unknown[], {});
    const stored = { id: "a", revision: 7 } as StoredCompetition;
    await changed.competition(stored);
    expect(queryClient.getQueryData(queries.competition("a").queryKey)).toBe(stored);
    for (const q of follows) expect(queryClient.getQueryState(q.queryKey as readonly unknown[])!.isInvalidated).toBe(true);
    for (const q of others) expect(queryClient.getQueryState(q.queryKey as readonly unknown[])!.isInvalidated).toBe(false);
    queryClient.clear();
  });

  it("asks again for every paper of a workout when an athlete was measured", async () => {
    const papers = [queries.brief("w", { audience: "Judge" }), queries.brief("w", { audience: "FloorCrew" })];
    for (const q of papers) queryClient.setQueryData<unknown>(q.queryKey as readonly unknown[], {});
    await changed.measurements("w");
    for (const q of papers) expect(queryClient.getQueryState(q.queryKey as readonly unknown[])!.isInvalidated).toBe(true);
    queryClient.clear();
  });
});
