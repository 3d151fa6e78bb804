// @vitest-environment happy-dom
import { expect, test } from "vitest";
import { most, prepared } from "./sending";

const post = (body: string) =>
  new Request("http://127.0.0.1/api/x", { method: "POST", body, headers: { "Content-Type": "application/json" } });

// Unicode Standard Annex 15, figure 3: A with ring above, composed and decomposed.
test("letters are composed before they are sent", async () => {
  const sent = await prepared(post('{"name":"A\u030Ase"}'));
  expect(sent).toBeInstanceOf(Request);
  expect(await (sent as Request).text()).toBe('{"name":"\u00C5se"}');
  expect((sent as Request).headers.get("Content-Type")).toBe("application/json");
});

test("what is composed already goes as it is", async () => {
  const request = post('{"name":"\u00C5se"}');
  expect(await prepared(request)).toBe(request);
});

test("a body that is too large is answered in a sentence", async () => {
  const answer = await prepared(post("é".repeat(most / 2) + "x"));
  expect(answer).toBeInstanceOf(Response);
  expect((answer as Response).status).toBe(413);
  expect(((await (answer as Response).json()) as { title: string }).title).toBe("The request is too large: at most 512 KiB.");
  expect(await prepared(post("é".repeat(most / 2)))).toBeInstanceOf(Request);
});
