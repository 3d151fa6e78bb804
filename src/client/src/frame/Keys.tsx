import { Leaf } from "../ui/Leaf";
import { places } from "./shortcuts";

const others: [string, string][] = [
  ["Ctrl K", "find a workout, a standard, or a page"],
  ["?", "this list"],
  ["Ctrl Space", "in a draft: what could stand here; Tab or Enter takes it"],
  ["Ctrl Z", "in a draft, after a line was read: your words come back and stay"],
  ["Alt M", "in a draft: apply the first mend of the nearest note"],
  ["F8", "in a draft: go to the next note"],
  ["Ctrl Z, Ctrl Y", "undo and redo, in a draft and on the competition page"],
  ["Ctrl ] and Ctrl [", "in a draft: indent, outdent; Tab leaves the text"],
  ["arrows, Enter", "in the prescription table: move, change a cell; Escape keeps it as it was"],
];

/** The list of keys. */
export function Keys({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Leaf open={open} onClose={onClose} title="Keys" lead="Single letters work outside text fields.">
      <table className="ruled">
        <tbody>
          {places.map((p) => (
            <tr key={p.key}>
              <th scope="row" className="mono w-40">
                g then {p.key}
              </th>
              <td>go to {p.name}</td>
            </tr>
          ))}
          {others.map(([k, t]) => (
            <tr key={k}>
              <th scope="row" className="mono w-40">
                {k}
              </th>
              <td>{t}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Leaf>
  );
}
