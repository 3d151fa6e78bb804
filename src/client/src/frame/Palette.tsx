import { useQuery } from "@tanstack/react-query";
import { Command } from "cmdk";
import { useNavigate } from "react-router";
import { queries } from "../api/queries";
import { Leaf } from "../ui/Leaf";
import { places } from "./shortcuts";

/** Every typed word must occur somewhere, in any order: what is found can be said beforehand. */
const holds = (value: string, typed: string, also: string[] = []) => {
  const text = `${value} ${also.join(" ")}`.toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
    ? 1
    : 0;
};

/** Finds anything by a few letters: the list is moved by arrows, Enter goes there. */
export function Palette({ cid, onClose }: { cid: string; onClose: () => void }) {
  const go = useNavigate();
  const workouts = useQuery(queries.overview(cid)).data?.workouts ?? [];
  const movements = useQuery(queries.book(cid)).data?.movements ?? [];
  const all = [
    ...places.map((p) => ({ name: p.name, kind: "page", to: p.to, also: "" })),
    ...workouts.flatMap((w) => [
      { name: w.title || "Untitled", kind: "workout", to: `w/${w.id}`, also: "" },
      { name: `${w.title || "Untitled"}: try a result`, kind: "scoring", to: `scoring/${w.id}`, also: "" },
      { name: `${w.title || "Untitled"}: judge brief`, kind: "brief", to: `briefs/${w.id}/judge`, also: "" },
      { name: `${w.title || "Untitled"}: athlete brief`, kind: "brief", to: `briefs/${w.id}/athlete`, also: "" },
    ]),
    ...movements.map((m) => ({ name: m.name.english, kind: "standard", to: `standards/${m.id}`, also: m.synonyms.join(" ") })),
  ];
  const open = (to: string) => {
    onClose();
    void go(`/c/${cid}/${to}`);
  };
  return (
    <Leaf open onClose={onClose} title="Find">
      <Command label="Find a workout, a standard, or a page" filter={holds}>
        <Command.Input className="w-full" placeholder="a workout, a standard, a page" />
        <Command.List label="Found" className="mt-2 max-h-[50vh] overflow-y-auto">
          <Command.Empty className="px-2 text-soft">Nothing has these letters.</Command.Empty>
          {all.map((x) => (
            <Command.Item
              key={x.to + x.name}
              value={`${x.name} ${x.kind} ${x.to}`}
              keywords={[x.also]}
              onSelect={() => open(x.to)}
              className="flex cursor-pointer justify-between gap-4 px-2 py-1 data-[selected=true]:bg-wash"
            >
              <bdi>{x.name}</bdi>
              <span className="text-quiet">{x.kind}</span>
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </Leaf>
  );
}
