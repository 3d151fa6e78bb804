// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { listen, places } from "./shortcuts";

describe("keys that work everywhere", () => {
  let done: string[] = [];
  let stop = () => undefined as void;
  const field = document.createElement("input");

  beforeEach(() => {
    done = [];
    document.body.append(field);
    stop = listen(() => ({ go: (to) => done.push(`go ${to}`), palette: () => done.push("find"), keys: () => done.push("keys") }));
  });
  afterEach(() => {
    stop();
    field.remove();
  });

  /** As a browser sends it; the page of the tests knows no modifiers. */
  const press = (key: string, on: EventTarget = document.body, down: string[] = []) => {
    const event = new KeyboardEvent("keydown", { key, code: `Key${key}`, bubbles: true, cancelable: true });
    return on.dispatchEvent(Object.assign(event, { getModifierState: (m: string) => down.includes(m) }));
  };

  it("go to every place by g and its letter, and by nothing less", () => {
    for (const place of places) {
      press("g");
      press(place.key);
    }
    expect(done).toEqual(places.map((p) => `go ${p.to}`));
    press(places[0].key);
    press("g");
    press("x");
    press(places[0].key);
    expect(done.length).toBe(places.length);
  });

  it("show the list by a question mark, whichever keys it takes", () => {
    press("?");
    press("?", document.body, ["Shift"]);
    expect(done).toEqual(["keys", "keys"]);
  });

  it("leave what is typed alone, but for the finder", () => {
    press("?", field, ["Shift"]);
    press("g", field);
    press("s", field);
    expect(done).toEqual([]);
    press("k", field, ["Control"]);
    press("k", document.body, ["Control"]);
    expect(done).toEqual(["find", "find"]);
  });

  it("stop when the page is left", () => {
    stop();
    press("?");
    expect(done).toEqual([]);
  });
});
