/** What can be called, with its words and how its button looks while all three are asked for. */
export const calls = [
  ["Good", "Good", "press"],
  ["NoRep", "No-rep", "press !border-ink !bg-ink"],
  ["Unseen", "Not seen", "press-plain"],
] as const;
