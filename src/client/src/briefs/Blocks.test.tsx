// @vitest-environment happy-dom
import { act } from "react";
import { createRoot } from "react-dom/client";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { Block } from "./Blocks";

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;

async function shown(block: unknown): Promise<HTMLElement> {
  const page = document.createElement("div");
  await act(async () => createRoot(page).render(<Block block={block as Schemas["BriefBlock"]} />));
  return page;
}

const texts = (page: HTMLElement, css: string) => [...page.querySelectorAll(css)].map((e) => e.textContent);
const row = (...cells: string[]) => ({ cells });

describe("a paper", () => {
  it("shows sentences and lists as they are", async () => {
    expect((await shown({ kind: "paragraph", text: "Nothing <b>more</b>." })).innerHTML).toBe("<p>Nothing &lt;b&gt;more&lt;/b&gt;.</p>");
    expect(texts(await shown({ kind: "points", items: ["One.", "Two."] }), "li")).toEqual(["One.", "Two."]);
  });

  it("sets the lines of a workout in by their level", async () => {
    const page = await shown({
      kind: "lines",
      items: [
        { level: 0, text: "9:00 for time" },
        { level: 2, text: "10 sit-up" },
      ],
    });
    const lines = [...page.querySelectorAll<HTMLElement>(".lines > div")];
    expect(lines.map((l) => [l.textContent, l.style.paddingLeft])).toEqual([
      ["9:00 for time", "8mm"],
      ["10 sit-up", "16mm"],
    ]);
  });

  it("gives a table heads for columns and rows, and none where a cell is empty", async () => {
    const page = await shown({
      kind: "table",
      caption: "Running totals",
      head: ["", "pull-up", "run"],
      rows: [row("Round 1", "10", "18"), row("", "28", "36")],
    });
    expect(texts(page, "th[scope=col]")).toEqual(["pull-up", "run"]);
    expect(texts(page, "th[scope=row]")).toEqual(["Round 1"]);
    expect(texts(page, "td")).toEqual(["", "10", "18", "", "28", "36"]);
    expect(texts(page, ".caption")).toEqual(["Running totals"]);
    expect(page.querySelector(".keep")).not.toBeNull();
  });

  it("lets a long table break over pages and keeps a short one whole", async () => {
    for (const [rows, whole] of [
      [15, true],
      [16, false],
    ] as const) {
      const page = await shown({
        kind: "table",
        caption: null,
        head: ["", "a"],
        rows: Array.from({ length: rows }, (_, i) => row(`${i}`, "x")),
      });
      expect(page.querySelector(".keep") !== null).toBe(whole);
    }
  });

  it("frames what is crossed off, and nothing where there is nothing", async () => {
    const page = await shown({
      kind: "boxes",
      caption: null,
      head: ["", "5", "10"],
      rows: [row("Round 1", "5", "10"), row("Round 2", "15", "")],
    });
    expect(texts(page, "td.box")).toEqual(["5", "10", "15"]);
    expect(page.querySelectorAll("td.none").length).toBe(1);
    expect(texts(page, "th[scope=row]")).toEqual(["Round 1", "Round 2"]);
    expect(page.querySelector("table")!.className).toBe("boxes");
    expect((await shown({ kind: "boxes", caption: null, head: ["", "up to"], rows: [] })).querySelector("table")!.className).toBe(
      "boxes steps",
    );
  });

  it("leaves a line to write on beside each label", async () => {
    const page = await shown({ kind: "blanks", labels: ["Athlete", "Judge"] });
    expect(texts(page, "dt")).toEqual(["Athlete", "Judge"]);
    expect(texts(page, "dd")).toEqual(["", ""]);
  });

  it("says a standard with its duty, rules and faults, and pairs each fault with its good pose", async () => {
    const drawing = { left: 0, top: 0, width: 600, height: 1750, shapes: [] };
    const figure = (title: string, mark: string | null, good = true) => ({ title, mark, good, drawing });
    const page = await shown({
      kind: "standard",
      name: "Front squat",
      who: "only Meadow",
      duty: [row("Stand", "At the side."), row("Call", "Each rep.")],
      rules: [row("Finish", "Hips and knees are straight.")],
      faultHead: ["What you see", "Call", "The athlete must"],
      faults: [row("The crease stays high.", "No rep, depth", "Repeat the rep.")],
      figures: [figure("Start", null), figure("Finish", null), figure("", "good"), figure("The crease stays high.", "no rep", false)],
    });
    expect(texts(page, "h3")).toEqual(["Front squat · only Meadow"]);
    expect(texts(page, ".two th[scope=row]")).toEqual(["Finish"]);
    expect(texts(page, ".two td")).toContain("No rep, depth");
    expect(texts(page, "td b")).toEqual(["No rep, depth"]);
    expect(page.querySelectorAll(".positions figure").length).toBe(2);
    expect(texts(page, ".pair figcaption")).toEqual(["good", "no rep"]);
    expect(texts(page, ".pair > p")).toEqual(["The crease stays high."]);
    // A mark is a shape as well as a word, so that a black and white print tells them apart.
    expect(page.querySelectorAll(".pair svg circle").length).toBe(1);
    expect(page.querySelectorAll(".pair svg path").length).toBeGreaterThanOrEqual(1);
  });

  it("draws each bar once, with its masses beside", async () => {
    const page = await shown({
      kind: "bars",
      items: [
        { words: "1: 40 kg", bar: 20, side: [{ mass: 10, name: "10", diameter: 450, thickness: 34 }], change: null },
        { words: "2: 20 kg", bar: 20, side: [], change: null },
      ],
    });
    expect([...page.querySelectorAll("figcaption")].map((f) => f.textContent)).toEqual(["1: 40 kg10", "2: 20 kg"]);
    expect([...page.querySelectorAll("svg")].map((f) => f.getAttribute("aria-label"))).toEqual(["1: 40 kg: 20 + 10", "2: 20 kg: 20"]);
    // Handle, sleeve and collar, and a plate more on the first.
    expect([...page.querySelectorAll("svg")].map((f) => f.querySelectorAll("rect").length)).toEqual([4, 3]);
  });
});
