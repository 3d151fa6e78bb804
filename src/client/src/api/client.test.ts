import { describe, expect, it, vi } from "vitest";
import { ask, askAll, nextOf, Refused } from "./client";

const answer = (body: unknown, init: ResponseInit = {}) => Response.json(body, init);

describe("answers", () => {
  it("in several parts are put together in order", async () => {
    const parts: Record<string, Response> = {
      "/b": answer([3], { headers: { Link: '</c?from=3>; rel="next"' } }),
      "/c?from=3": answer([4, 5]),
    };
    vi.stubGlobal("fetch", async (address: string) => parts[address]!);
    const first = answer([1, 2], { headers: { Link: '</b>; rel="next"' } });
    expect(await askAll(Promise.resolve({ data: [1, 2], response: first }))).toEqual([1, 2, 3, 4, 5]);
    vi.unstubAllGlobals();
  });

  it("that break off are a refusal, not a shorter list", async () => {
    vi.stubGlobal("fetch", async () => answer({ title: "Gone." }, { status: 404 }));
    const first = answer([1], { headers: { Link: '</b>; rel="next"' } });
    await expect(askAll(Promise.resolve({ data: [1], response: first }))).rejects.toMatchObject({ status: 404, title: "Gone." });
    vi.unstubAllGlobals();
    await expect(askAll(Promise.reject(new TypeError("cut")))).rejects.toMatchObject({ status: 0, passing: true });
  });

  it("name the next part only where there is one", () => {
    expect(nextOf(answer([]))).toBeNull();
    expect(nextOf(answer([], { headers: { Link: '</x?a=1&from=2>; rel="next"' } }))).toBe("/x?a=1&from=2");
  });

  it("that are refused keep what the server said of each field", async () => {
    const problem = { title: "No.", detail: "Why", errors: { "divisions[0].name": ["Twice.", "Long."] } };
    const refused = await ask(Promise.resolve({ error: problem, response: answer(problem, { status: 422 }) })).catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(Refused);
    expect((refused as Refused).at("divisions[0].name")).toBe("Twice. Long.");
    expect((refused as Refused).passing).toBe(false);
    const bare = await ask(Promise.resolve({ error: "", response: new Response(null, { status: 502 }) })).catch((e: unknown) => e);
    expect(bare).toMatchObject({ title: "The server answered 502.", passing: true });
  });
});
