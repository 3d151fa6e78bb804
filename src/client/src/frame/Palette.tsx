import { useId, useState } from "react";
import { useNavigate } from "react-router";
import { useBook, useOverview } from "../api/queries";
import { Leaf } from "../ui/Leaf";
import { places } from "./shortcuts";

/** Finds anything by a few letters. A combobox after the WAI-ARIA pattern: the list is moved by arrows, Enter goes there. */
export function Palette({ cid, onClose }: { cid: string; onClose: () => void }) {
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  const go = useNavigate();
  const id = useId();
  const workouts = useOverview(cid).data?.workouts ?? [];
  const movements = useBook(cid).data?.movements ?? [];
  const all = [
    ...places.map((p) => ({ name: p.name, kind: "page", to: p.to })),
    ...workouts.flatMap((w) => [
      { name: w.title || "Untitled", kind: "workout", to: `w/${w.id}` },
      { name: `${w.title || "Untitled"}: try a result`, kind: "scoring", to: `scoring/${w.id}` },
      { name: `${w.title || "Untitled"}: judge brief`, kind: "brief", to: `briefs/${w.id}/judge` },
      { name: `${w.title || "Untitled"}: athlete brief`, kind: "brief", to: `briefs/${w.id}/athlete` },
    ]),
    ...movements.map((m) => ({ name: m.name.english, kind: "standard", to: `standards/${m.id}`, also: m.synonyms.join(" ") })),
  ];
  const wanted = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = all
    .filter((x) => wanted.every((w) => `${x.name} ${x.kind} ${"also" in x ? x.also : ""}`.toLowerCase().includes(w)))
    .slice(0, 12);
  const open = (i: number) => {
    const target = found[i];
    if (target) {
      onClose();
      void go(`/c/${cid}/${target.to}`);
    }
  };
  return (
    <Leaf open onClose={onClose} title="Find">
      <input
        role="combobox"
        aria-expanded="true"
        aria-controls={id}
        aria-label="Find a workout, a standard, or a page"
        className="w-full"
        aria-activedescendant={found[at] ? `${id}-${at}` : undefined}
        value={text}
        placeholder="a workout, a standard, a page"
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
        }}
        onKeyDown={(e) => {
          if (e.key === "ArrowDown") {
            e.preventDefault();
            setAt((a) => Math.min(a + 1, found.length - 1));
          }
          if (e.key === "ArrowUp") {
            e.preventDefault();
            setAt((a) => Math.max(a - 1, 0));
          }
          if (e.key === "Enter") open(at);
        }}
      />
      <ul id={id} role="listbox" aria-label="Found" className="mt-2">
        {found.map((x, i) => (
          // The keyboard works on the field above; the list is only clicked.
          // eslint-disable-next-line jsx-a11y/click-events-have-key-events
          <li
            key={x.to + x.name}
            id={`${id}-${i}`}
            role="option"
            aria-selected={i === at}
            onClick={() => open(i)}
            className={`flex cursor-pointer justify-between gap-4 px-2 py-1 ${i === at ? "bg-wash" : ""}`}
          >
            <bdi>{x.name}</bdi>
            <span className="text-quiet">{x.kind}</span>
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="px-2 text-soft">Nothing has these letters.</p>}
    </Leaf>
  );
}
