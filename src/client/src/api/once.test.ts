import { describe, expect, it } from "vitest";
import { header, heard, named } from "./once";

const post = (body: string, to = "/api/x") => new Request(`http://127.0.0.1${to}`, { method: "POST", body });
let n = 0;
const next = () => `key ${++n}`;
const keyOf = async (request: Request) => (await named(request, next)).headers.get(header);

describe("a request that makes something", () => {
  it("keeps its key until it is answered", async () => {
    const first = await keyOf(post("a"));
    expect(await keyOf(post("a"))).toBe(first);
    expect(await keyOf(post("b"))).not.toBe(first);
    expect(await keyOf(post("a", "/api/y"))).not.toBe(first);
  });

  it("is another one after its answer", async () => {
    const request = await named(post("c"), next);
    const first = request.headers.get(header);
    await heard(request);
    expect(await keyOf(post("c"))).not.toBe(first);
  });

  it("has none when it makes nothing", async () => {
    const get = await named(new Request("http://127.0.0.1/api/x"), next);
    expect(get.headers.get(header)).toBeNull();
  });

  it("forgets the oldest of many", async () => {
    const first = await keyOf(post("first"));
    for (let i = 0; i < 60; i++) await keyOf(post(`many ${i}`));
    expect(await keyOf(post("first"))).not.toBe(first);
  });
});
