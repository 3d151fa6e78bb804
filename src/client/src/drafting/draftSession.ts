import { useSyncExternalStore } from "react";
import { api, ask, Refused, type Explanation, type StoredDraft } from "../api/client";
import { changed } from "../api/queries";
import { browser, keptAt } from "../document/keeping";
import { Saving, type Answer, type SaveState as State, type Stored } from "../document/saving";

export interface LineChange {
  line: number;
  was: string[];
  now: string[];
}

/** Somebody else saved since: what is stored, what changed, and both texts merged where that is plain. */
export interface Conflict {
  current: StoredDraft;
  changed: LineChange[];
  merged: string | null;
}

/** What happens to the text, for the line beside the title. */
export type SaveState = State<Conflict>;

export interface DraftView {
  text: string;
  explanation: Explanation | null;
  /** The text that the explanation is of; places in it belong to that text. */
  explained: string;
  stale: string | null;
  save: SaveState;
  recovered: boolean;
}

const storedOf = (d: StoredDraft): Stored<string> => ({ revision: d.revision, value: d.body, at: new Date(d.savedAt) });

async function send(draft: StoredDraft, base: number, saveId: string, body: string): Promise<Answer<string, Conflict>> {
  try {
    const saved = await ask(
      api.PUT("/api/workouts/{id}", { params: { path: { id: draft.id } }, body: { baseRevision: base, saveId, body } }),
    );
    void changed.workouts(draft.competitionId);
    return { kind: "saved", stored: storedOf(saved) };
  } catch (e) {
    const refused = e instanceof Refused ? e : new Refused(0, "Saving failed in this window.", undefined, {}, {});
    if (refused.passing) return { kind: "away", reason: refused.status === 0 ? "The application does not answer." : refused.title };
    if (refused.status !== 409) return { kind: "refused", why: refused };
    const conflict = refused.body as unknown as Conflict;
    return {
      kind: "conflict",
      revision: conflict.current.revision,
      conflict: { current: conflict.current, changed: conflict.changed ?? [], merged: conflict.merged ?? null },
    };
  }
}

/** Drafts that did not reach the server yet go on trying when their page is left, and are found again by the next one. */
const alive = new Map<string, Saving<string, Conflict>>();

function saving(draft: StoredDraft): Saving<string, Conflict> {
  const known = alive.get(draft.id);
  if (known?.unsaved) return known;
  const made = new Saving<string, Conflict>(storedOf(draft), {
    ...browser,
    kept: keptAt<string>(`text:${draft.id}`),
    // The server has every letter composed, as everything is sent.
    same: (a, b) => a === b || a.normalize("NFC") === b.normalize("NFC"),
    send: (base, saveId, body) => send(draft, base, saveId, body),
  });
  alive.set(draft.id, made);
  return made;
}

/**
 * One draft being edited. The editor owns the cursor; this explains the text at each change, one request at a time, newest
 * wins. Its way to the server is {@link Saving}'s.
 */
export class DraftSession {
  private readonly saving: Saving<string, Conflict>;
  private view: DraftView;
  private readonly listeners = new Set<() => void>();
  private doc = 0;
  private explaining = false;
  private closed = false;
  private unsubscribe: () => void = () => undefined;

  constructor(readonly stored: StoredDraft) {
    this.saving = saving(stored);
    const { value, save, recovered } = this.saving.snapshot();
    this.view = { text: value, explanation: null, explained: "", stale: null, save, recovered };
  }

  /** Looks for a text that never reached the server, then explains. The editor is told of texts it did not type. */
  async open(replaceInEditor: (text: string) => void): Promise<void> {
    this.closed = false;
    this.unsubscribe = this.saving.subscribe(() => {
      const { value, save, recovered } = this.saving.snapshot();
      const foreign = value !== this.view.text;
      this.set({ text: value, save, recovered });
      if (foreign) {
        replaceInEditor(value);
        void this.explain();
      }
    });
    await this.saving.restore();
    void this.explain();
  }

  close(): void {
    this.saving.leave();
    this.closed = true;
    this.unsubscribe();
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = () => this.view;

  /** The text was changed by hand or by a command. */
  change(text: string): void {
    if (text === this.view.text) return;
    this.set({ text });
    this.saving.change(text);
    void this.explain();
  }

  /** Something else than the text has changed, so that the text may mean another thing now. */
  again(): void {
    void this.explain();
  }

  /** Settles a conflict with the text that shall hold. */
  settle(text: string): void {
    const { save } = this.view;
    if (save.kind !== "conflict") return;
    const current = save.conflict.current;
    this.saving.settle(text, text === current.body ? new Date(current.savedAt) : undefined);
  }

  private async explain(): Promise<void> {
    this.doc++;
    if (this.explaining) return;
    this.explaining = true;
    try {
      for (let asked = 0; asked !== this.doc && !this.closed;) {
        asked = this.doc;
        const text = this.view.text;
        try {
          const answer = await ask(
            api.POST("/api/competitions/{id}/explain", {
              params: { path: { id: this.stored.competitionId } },
              body: { doc: asked, body: text, rows: 24 },
            }),
          );
          if (answer.doc === asked) this.set({ explanation: answer.explanation, explained: text, stale: null });
        } catch (e) {
          const refused = e instanceof Refused ? e : null;
          this.set({
            stale: refused?.passing
              ? "not up to date: the application does not answer"
              : [refused?.title ?? "not understood", ...Object.values(refused?.errors ?? {}).flat()].join(" "),
          });
          if (refused?.passing) {
            await new Promise((r) => setTimeout(r, 1500));
            this.doc++;
          }
        }
      }
    } finally {
      this.explaining = false;
    }
  }

  private set(change: Partial<DraftView>) {
    this.view = { ...this.view, ...change };
    this.listeners.forEach((l) => l());
  }
}

/** The session's state, for rendering. */
export const useDraft = (session: DraftSession) => useSyncExternalStore(session.subscribe, session.snapshot);
