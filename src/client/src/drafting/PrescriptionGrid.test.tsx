// @vitest-environment happy-dom
import { act } from "react";
import { createRoot, type Root } from "react-dom/client";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Explanation } from "../api/client";
import { PrescriptionGrid } from "./PrescriptionGrid";

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

const cell = (text: string, line = 5, own = true) => ({ text, line, own, from: own ? null : "Estuary" });

const explanation = {
  grid: {
    columns: [
      { division: "Tideline", duty: "man" },
      { division: "Tideline", duty: "woman" },
      { division: "Meadow", duty: "man" },
    ],
    rows: [
      { line: 5, name: "power clean", aspect: "amount", unit: "rep", cells: [cell("30"), cell("30"), cell("2-4-6")] },
      { line: 5, name: "power clean", aspect: "load", unit: "kg", cells: [cell("2 × 60 kg"), cell("40 kg"), cell("45 kg", 5, false)] },
      { line: 6, name: "box jump", aspect: "height", unit: null, cells: [cell("box 60 cm"), cell("box 50 cm"), cell("box 50 cm")] },
    ],
  },
} as unknown as Explanation;

describe("the prescription table by keys", () => {
  let root: Root;
  let set: ReturnType<typeof vi.fn<(row: unknown, column: number, value: string) => Promise<string | null>>>;
  const page = document.createElement("div");

  beforeEach(async () => {
    document.body.append(page);
    set = vi.fn(async () => null);
    // As in a browser: after what React has to do is done.
    vi.stubGlobal("requestAnimationFrame", (then: () => void) => setTimeout(then, 0));
    root = createRoot(page);
    await act(async () => root.render(<PrescriptionGrid explanation={explanation} column={0} onSet={set} />));
  });
  afterEach(async () => {
    await act(async () => root.unmount());
    page.remove();
    vi.unstubAllGlobals();
  });

  const stop = () => page.querySelector<HTMLElement>('[role=gridcell][tabindex="0"]')!;
  const field = () => page.querySelector<HTMLInputElement>("input");
  const press = (key: string, more: KeyboardEventInit = {}, on: Element = field() ?? stop()) =>
    act(async () => {
      on.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true, ...more }));
      await new Promise((done) => setTimeout(done, 5));
    });
  const type = (value: string) =>
    act(async () => {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")!.set!.call(field(), value);
      field()!.dispatchEvent(new Event("input", { bubbles: true }));
    });

  it("is one stop for Tab, moved by arrows, Home and End, and never leaves its edges", async () => {
    const at = () => stop().dataset.cell;
    expect(page.querySelectorAll('[tabindex="0"]').length).toBe(1);
    for (const [key, to, more] of [
      ["ArrowUp", "0.0", {}],
      ["ArrowLeft", "0.0", {}],
      ["ArrowRight", "0.1", {}],
      ["ArrowDown", "1.1", {}],
      ["End", "1.2", {}],
      ["ArrowRight", "1.2", {}],
      ["Home", "1.0", {}],
      ["End", "2.2", { ctrlKey: true }],
      ["ArrowDown", "2.2", {}],
      ["Home", "0.0", { ctrlKey: true }],
    ] as const) {
      await press(key, more);
      expect(at()).toBe(to);
    }
    expect(page.querySelectorAll('[tabindex="0"]').length).toBe(1);
  });

  it("opens a cell with its figures alone, and sends what was typed once", async () => {
    await press("ArrowDown");
    await press("Enter");
    expect(field()!.value).toBe("60");
    await type("62.5");
    await press("Enter");
    expect(set.mock.calls.map(([row, column, value]) => [(row as { aspect: string }).aspect, column, value])).toEqual([
      ["load", 0, "62.5"],
    ]);
    expect(field()).toBeNull();
    expect(stop().dataset.cell).toBe("2.0");
  });

  it("sends a value once though the field is left while the answer is awaited", async () => {
    let answer: (refusal: string | null) => void = () => undefined;
    set.mockImplementationOnce(() => new Promise((done) => (answer = done)));
    await press("ArrowDown");
    await press("Enter");
    await type("62.5");
    await press("Enter");
    await act(async () => field()!.blur());
    await press("Enter");
    await act(async () => answer(null));
    expect(set).toHaveBeenCalledTimes(1);
    expect(field()).toBeNull();
  });

  it("begins with the digit that was typed, goes on by Tab, and back by Shift and Tab", async () => {
    await press("5");
    expect(field()!.value).toBe("5");
    await press("Tab");
    expect(stop().dataset.cell).toBe("0.1");
    await press("7");
    await press("Tab", { shiftKey: true });
    expect(stop().dataset.cell).toBe("0.0");
    expect(set.mock.calls.map((c) => c[2])).toEqual(["5", "7"]);
  });

  it("keeps a cell as it was by Escape, by the same figures, and by none", async () => {
    for (const typed of ["99", "30", "  "]) {
      await press("Enter");
      await type(typed);
      await press(typed === "99" ? "Escape" : "Enter");
      await press("Home", { ctrlKey: true });
    }
    expect(set).not.toHaveBeenCalled();
  });

  it("stays in the cell with the reason when the value is refused", async () => {
    set.mockResolvedValueOnce("No bar of 20 kg makes 61 kg.");
    await press("ArrowDown");
    await press("Enter");
    await type("61");
    await press("Enter");
    expect(page.querySelector("[role=alert]")!.textContent).toBe("No bar of 20 kg makes 61 kg.");
    expect(field()!.value).toBe("61");
    expect(field()!.getAttribute("aria-invalid")).toBe("true");
    await press("Escape");
    expect(page.querySelector("[role=alert]")!.textContent).toBe("");
  });

  it("opens neither a height nor a ladder, and says so", async () => {
    await press("End");
    await press("Enter");
    expect(field()).toBeNull();
    expect(stop().getAttribute("aria-readonly")).toBe("true");
    await press("End", { ctrlKey: true });
    await press("5");
    expect(field()).toBeNull();
  });

  it("says of each cell whose it is, what stands there, and from whom", () => {
    const label = (at: string) => page.querySelector(`[data-cell="${at}"]`)!.getAttribute("aria-label");
    expect(label("1.0")).toBe("Tideline man: 2 × 60 kg");
    expect(label("1.2")).toBe("Meadow man: 45 kg, inherited from Estuary");
  });
});
