/** The days of a competition in words: “12 to 13 June”. */
export const days = (a: string, b: string) => {
  const f = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long" });
  const [from, to] = [new Date(a + "T12:00"), new Date(b + "T12:00")];
  return a === b
    ? f.format(from)
    : a.slice(0, 7) === b.slice(0, 7)
      ? `${from.getDate()} to ${f.format(to)}`
      : `${f.format(from)} to ${f.format(to)}`;
};

/** A moment as people here say it: “12 Jun 2026, 09:14”. */
export const when = (iso: string) => new Date(iso).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" });
