/** A text with places to be filled in, as the editor takes it: each place a field of its own, with what stands there now. */
export function template(text: string, places: readonly { from?: number; to?: number }[]): string {
  const plain = (from: number, to?: number) => text.slice(from, to).replace(/[{}]/g, "\\$&");
  let at = 0;
  let out = "";
  places.forEach(({ from = 0, to = 0 }, i) => {
    out += `${plain(at, from)}\${${i + 1}:${text.slice(from, to)}}`;
    at = to;
  });
  return out + plain(at);
}
