// @vitest-environment happy-dom
import { act } from "react";
import { createRoot, type Root } from "react-dom/client";
import { afterEach, beforeEach, expect, test, vi } from "vitest";

const kept = new Map<string, unknown>();
const left = vi.fn(async () => undefined);
vi.mock("idb-keyval", () => ({ keys: async () => [...kept.keys()], clear: async () => kept.clear() }));
vi.mock("./session", () => ({ signOut: () => left() }));

const { SignOut } = await import("./SignOut");
(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

let root: Root;
let host: HTMLElement;

const shown = () => {
  host = document.body.appendChild(document.createElement("div"));
  root = createRoot(host);
  act(() => root.render(<SignOut />));
};
const press = (words: string) => act(async () => [...host.querySelectorAll("button")].find((b) => b.textContent === words)!.click());

beforeEach(() => {
  kept.clear();
  left.mockClear();
  shown();
});
afterEach(() => act(() => root.unmount()));

test("who has saved everything is signed out at once", async () => {
  await press("Sign out");
  expect(left).toHaveBeenCalledTimes(1);
});

test("what is not saved is kept as its writer says, and nobody is signed out before", async () => {
  kept.set("draft/1", "30 sit-up");
  await press("Sign out");
  expect(left).not.toHaveBeenCalled();
  await press("Stay");
  await press("Sign out");
  await press("Sign out and keep it in this browser");
  expect([left.mock.calls.length, kept.size]).toEqual([1, 1]);
});

test("what is not saved is thrown away as its writer says", async () => {
  kept.set("draft/1", "30 sit-up");
  await press("Sign out");
  await press("Sign out and throw it away");
  expect([left.mock.calls.length, kept.size]).toEqual([1, 0]);
});
