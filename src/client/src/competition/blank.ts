import type { Competition } from "../api/client";

/** A competition to begin with: two usual bars and plates of one lane (common practice), one division. */
export function blank(name: string): Competition {
  const day = new Date().toISOString().slice(0, 10);
  return {
    name,
    starts: day,
    ends: day,
    place: "",
    unit: "Kilogram",
    divisions: [{ name: "Open", kind: "Individual", duties: ["man", "woman"], inheritsFrom: null }],
    kit: {
      menBar: 20,
      womenBar: 15,
      clipPair: 0,
      plates: [
        { mass: 20, count: 4, fullDiameter: true },
        { mass: 15, count: 2, fullDiameter: true },
        { mass: 10, count: 4, fullDiameter: true },
        { mass: 5, count: 4, fullDiameter: false },
        { mass: 2.5, count: 4, fullDiameter: false },
        { mass: 1.25, count: 2, fullDiameter: false },
      ],
      dumbbells: [],
      kettlebells: [],
      sandbags: [],
      balls: [],
    },
  };
}
