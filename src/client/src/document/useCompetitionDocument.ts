import { useCallback, useEffect, useState, useSyncExternalStore } from "react";
import { api, ask, Refused, type Competition, type StoredCompetition } from "../api/client";
import { changed } from "../api/queries";
import { browser, keptAt } from "./keeping";
import { Saving, type Answer, type Stored } from "./saving";
import { Steps } from "./steps";

/** Somebody else saved since: what is stored, what changed, and both states put together. */
export interface CompetitionConflict {
  title: string;
  current: StoredCompetition;
  changed: string[];
  /** Both changes; null when it is not known any more what both began from. */
  merged: Competition | null;
  /** What both changed differently; in the merged state it is one's own. */
  clashes: string[];
}

type Document = { saving: Saving<Competition, CompetitionConflict>; steps: Steps<Competition> };

const same = (a: Competition, b: Competition) => a === b || JSON.stringify(a) === JSON.stringify(b);

const storedOf = (s: StoredCompetition): Stored<Competition> => ({ revision: s.revision, value: s.competition, at: new Date(s.savedAt) });

async function send(id: string, base: number, saveId: string, competition: Competition): Promise<Answer<Competition, CompetitionConflict>> {
  try {
    const answer = await ask(
      api.PUT("/api/competitions/{id}", { params: { path: { id } }, body: { baseRevision: base, saveId, competition } }),
    );
    void changed.competition(answer);
    return { kind: "saved", stored: storedOf(answer) };
  } catch (e) {
    const refused = e instanceof Refused ? e : new Refused(0, "Saving failed in this window.", undefined, {}, {});
    if (refused.passing) return { kind: "away", reason: refused.title };
    if (refused.status !== 409) return { kind: "refused", why: refused };
    const body = refused.body as unknown as Omit<CompetitionConflict, "title">;
    const conflict = {
      title: refused.title,
      current: body.current,
      changed: body.changed ?? [],
      merged: body.merged ?? null,
      clashes: body.clashes ?? [],
    };
    return { kind: "conflict", revision: body.current.revision, conflict };
  }
}

/** Documents that did not reach the server yet go on trying when their page is left, and are found again by the next page. */
const alive = new Map<string, Document>();

function open(stored: StoredCompetition): Document {
  const known = alive.get(stored.id);
  if (known?.saving.unsaved) return known;
  const document: Document = {
    saving: new Saving<Competition, CompetitionConflict>(storedOf(stored), {
      ...browser,
      kept: keptAt<Competition>(`competition:${stored.id}`),
      same,
      send: (base, saveId, value) => send(stored.id, base, saveId, value),
    }),
    steps: new Steps<Competition>(),
  };
  alive.set(stored.id, document);
  void document.saving.restore();
  return document;
}

export type DocumentState = "saved" | "changed" | "saving" | "waiting" | "refused" | "conflict";

/** A competition being edited: saved by itself when typing pauses, with undo and redo of whole steps. */
export function useCompetitionDocument(stored: StoredCompetition) {
  const [{ saving, steps }] = useState(() => open(stored));
  const view = useSyncExternalStore(saving.subscribe, saving.snapshot);
  useEffect(() => () => saving.leave(), [saving]);

  /** Changes the document. Typing in one field is one step of undo. */
  const change = useCallback(
    (next: Competition, field: string) => {
      steps.before(saving.snapshot().value, field);
      saving.change(next);
    },
    [saving, steps],
  );
  const step = useCallback(
    (which: "undo" | "redo") => {
      const to = steps[which](saving.snapshot().value);
      if (to) saving.change(to);
    },
    [saving, steps],
  );
  const undo = useCallback(() => step("undo"), [step]);
  const redo = useCallback(() => step("redo"), [step]);

  const save = view.save;
  const conflict = save.kind === "conflict" ? save.conflict : null;
  const settle = (with_: "mine" | "theirs" | "both") => {
    if (!conflict) return;
    if (with_ === "mine") saving.settle(view.value);
    else {
      steps.before(view.value, "settle");
      if (with_ === "both" && conflict.merged) saving.settle(conflict.merged);
      else {
        void changed.competition(conflict.current);
        saving.settle(conflict.current.competition, new Date(conflict.current.savedAt));
      }
    }
  };
  const error = save.kind === "refused" && save.why instanceof Refused ? save.why : null;
  const reason = save.kind === "waiting" ? save.reason : "";
  const state: DocumentState = save.kind;
  return {
    value: view.value,
    recovered: view.recovered,
    state,
    reason,
    error,
    conflict,
    change,
    undo,
    redo,
    settle,
    canUndo: steps.canUndo,
    canRedo: steps.canRedo,
  };
}

export type CompetitionDocument = ReturnType<typeof useCompetitionDocument>;
