import { SignInAgain } from "../ui/SignInAgain";
import { useUndoKeys } from "../ui/useUndoKeys";
import type { CompetitionDocument } from "./useCompetitionDocument";

/** Whether a document is saved, undo and redo; beside its heading, the same on every page that edits it. */
export function DocumentStatus({ of: doc }: { of: CompetitionDocument }) {
  useUndoKeys(doc);
  const trouble = doc.state === "refused" || doc.state === "waiting" || doc.state === "conflict";
  return (
    <p className="flex flex-wrap items-baseline gap-4">
      <span role="status" className={trouble ? "font-semibold text-brick" : "text-soft"}>
        {doc.state === "saved" && "saved"}
        {(doc.state === "changed" || doc.state === "saving") && "saving"}
        {doc.state === "refused" &&
          (doc.error && Object.keys(doc.error.errors).length === 0 ? doc.error.title : "not saved: see the marked field")}
        {doc.state === "waiting" && `not saved: ${doc.reason} It is kept in this browser and tried again.`}
        {doc.state === "conflict" && "not saved: changed elsewhere"}
        {doc.error?.status === 401 && (
          <>
            {" "}
            <SignInAgain />
          </>
        )}
        {doc.recovered && " · restored from this browser"}
      </span>
      <button className="act" disabled={!doc.canUndo} onClick={doc.undo}>
        Undo
      </button>
      <button className="act" disabled={!doc.canRedo} onClick={doc.redo}>
        Redo
      </button>
    </p>
  );
}

/** Somebody else saved the competition: everything that changed there, and the ways on. Nothing is lost before one is chosen. */
export function DocumentConflict({ of: doc }: { of: CompetitionDocument }) {
  const conflict = doc.conflict;
  if (!conflict) return null;
  return (
    <div role="alert" className="my-3 max-w-prose border-l-4 border-brick bg-sheet px-4 py-3">
      <p className="font-bold">{conflict.title}</p>
      {conflict.changed.length === 0 && <p>It is not known any more what both windows began from; look at the other one first.</p>}
      <ul>
        {conflict.changed.map((t) => (
          <li key={t}>{t}</li>
        ))}
      </ul>
      {conflict.clashes.length > 0 && (
        <p className="mt-2">Both windows changed {conflict.clashes.join(", ")}; with both changes, it is yours that stays there.</p>
      )}
      <p className="mt-2 flex flex-wrap gap-4">
        {conflict.merged && (
          <button className="press" onClick={() => doc.settle("both")}>
            Keep both changes
          </button>
        )}
        <button className="press-plain" onClick={() => doc.settle("mine")}>
          Keep mine, drop theirs
        </button>
        <button className="press-plain" onClick={() => doc.settle("theirs")}>
          Take theirs, drop mine
        </button>
      </p>
    </div>
  );
}
