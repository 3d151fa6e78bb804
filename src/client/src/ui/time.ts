/** A time as a clock shows it, from milliseconds: 8:00, 1:02:03. */
export function clock(ms: number): string {
  const total = Math.floor(ms / 1000);
  const [h, m, s] = [Math.floor(total / 3600), Math.floor(total / 60) % 60, total % 60];
  const two = (n: number) => String(n).padStart(2, "0");
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

/** Milliseconds of m:ss, h:mm:ss, or with a fraction of up to three digits; null for anything else. */
export function readClock(text: string): number | null {
  const match = /^(?:(\d{1,2}):)?(\d{1,3}):([0-5]\d)(?:\.(\d{1,3}))?$/.exec(text.trim());
  if (!match) return null;
  const [, h = "0", m = "0", s = "0", f = ""] = match;
  if (match[1] !== undefined && Number(m) > 59) return null;
  return ((Number(h) * 60 + Number(m)) * 60 + Number(s)) * 1000 + Number(f.padEnd(3, "0") || 0);
}
