import { Leaf } from "../ui/Leaf";
import type { Conflict } from "./draftSession";

/** Somebody else saved this draft: what changed there, and three ways on. Nothing is lost before one is chosen. */
export function ConflictLeaf({
  conflict,
  mine,
  onSettle,
  open,
  onClose,
}: {
  conflict: Conflict;
  mine: string;
  onSettle: (text: string) => void;
  open: boolean;
  onClose: () => void;
}) {
  return (
    <Leaf
      open={open}
      onClose={onClose}
      title="This workout was saved elsewhere"
      lead="Your text is still in this window and is not saved yet. These lines were changed in the other one:"
    >
      <ul className="mono max-h-72 overflow-auto border-y border-rule py-2 text-[0.9rem]">
        {conflict.changed.map((c) => (
          <li key={c.line} className="py-1">
            <span className="text-soft">line {c.line}</span>
            {c.was.map((l, i) => (
              <div key={`-${i}`}>
                <span className="text-brick">was</span> <s>{l || "(blank)"}</s>
              </div>
            ))}
            {c.now.map((l, i) => (
              <div key={`+${i}`}>
                <span className="text-spruce">now</span> {l || "(blank)"}
              </div>
            ))}
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap gap-3">
        {conflict.merged !== null && (
          <button className="press" onClick={() => onSettle(conflict.merged!)}>
            Keep both changes
          </button>
        )}
        <button className="press-plain" onClick={() => onSettle(mine)}>
          Keep mine, drop theirs
        </button>
        <button className="press-plain" onClick={() => onSettle(conflict.current.body)}>
          Take theirs, drop mine
        </button>
      </div>
      {conflict.merged === null && <p className="mt-2 text-soft">Both changed the same lines, so a person has to choose.</p>}
    </Leaf>
  );
}
