import type { Schemas } from "../api/client";

/** What two have typed of a card, field by field, those that differ in the first place. */
export function Differences({ card, other }: { card: Schemas["DeskCard"]; other: Schemas["ScoreFact"] }) {
  const first = [...card.facts].reverse().find((f) => f.kind !== "Again");
  const [one, two] = [new Map(card.said.map((t) => [t.key, t])), new Map(card.other.map((t) => [t.key, t]))];
  const keys = [...new Set([...one.keys(), ...two.keys()])];
  const differ = (k: string) => one.get(k)?.text !== two.get(k)?.text;
  const rows = [...keys.filter(differ), ...keys.filter((k) => !differ(k))];
  return (
    <div role="alert" className="mt-2 max-w-4xl border-l-4 border-ochre pl-4">
      <p className="font-semibold text-ochre">Two have typed this card, and not the same. Look at the card, and correct what is wrong.</p>
      <table className="ruled mt-1">
        <thead>
          <tr>
            <th scope="col">On the card</th>
            <th scope="col">
              <bdi>{first?.by ?? "first"}</bdi> typed, and it holds
            </th>
            <th scope="col">
              <bdi>{other.by ?? "somebody else"}</bdi> typed
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((k) => (
            <tr key={k} className={differ(k) ? "font-semibold" : "text-soft"}>
              <td>
                <bdi>{(one.get(k) ?? two.get(k))!.label}</bdi>
              </td>
              <td className="mono">{one.get(k)?.text ?? "empty"}</td>
              <td className="mono">
                {two.get(k)?.text ?? "empty"}
                {differ(k) && <span className="sr-only">, differs</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
