const key = (of: string) => `fair-compass.words.${of}`;

/** Words that were not used yet: they stay in this browser until they are. */
export const keptWords = {
  of(of: string): string {
    try {
      return localStorage.getItem(key(of)) ?? "";
    } catch {
      return "";
    }
  },
  keep(of: string, text: string) {
    try {
      if (text) localStorage.setItem(key(of), text);
      else localStorage.removeItem(key(of));
    } catch {
      // A browser that keeps nothing still reads.
    }
  },
};
