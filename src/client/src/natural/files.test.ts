// @vitest-environment happy-dom
import { afterEach, expect, it, vi } from "vitest";
import { hasStructure, textOf } from "./files";

afterEach(() => vi.unstubAllGlobals());

const answers = (status: number, body: object) =>
  vi.stubGlobal("fetch", () => Promise.resolve(new Response(JSON.stringify(body), { status })));

it("gives the text of a file, or the server's reason", async () => {
  answers(200, { kind: "text", text: "AMRAP 9" });
  expect(await textOf(new Blob(["x"]), "a.txt")).toBe("AMRAP 9");
  answers(422, { title: "Some fields cannot be accepted.", errors: { file: ["This file is empty."] } });
  await expect(textOf(new Blob([]), "a.txt")).rejects.toMatchObject({ title: "This file is empty." });
  answers(500, { title: "Something went wrong." });
  await expect(textOf(new Blob([]), "a.txt")).rejects.toMatchObject({ title: "Something went wrong.", status: 500 });
});

it("does not send what is too large", async () => {
  const large = { size: 11 * 1024 * 1024 } as Blob;
  await expect(textOf(large, "a.pdf")).rejects.toMatchObject({ status: 413, title: "This file has 11 MB; at most 10 MB are read." });
});

it("takes the page of a clipboard where its plain text lost a table or a list", () => {
  expect(hasStructure("<ul><li>10 burpees</li></ul>", "10 burpees")).toBe(true);
  expect(hasStructure("<table><tr><td>a</td></tr></table>", "a\tb")).toBe(false);
  expect(hasStructure("<p>10 burpees</p>", "10 burpees")).toBe(false);
});
