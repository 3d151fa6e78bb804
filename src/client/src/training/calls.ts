/** What can be called, and how its button looks while all three are asked for; the words are in the language of the page. */
export const calls = [
  ["Good", "press"],
  ["NoRep", "press !border-ink !bg-ink"],
  ["Unseen", "press-plain"],
] as const;
