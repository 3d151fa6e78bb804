import { del, get, set } from "idb-keyval";
import { useSyncExternalStore } from "react";
import { api, ask, Refused, type Explanation, type StoredDraft } from "../api/client";
import { queryClient } from "../api/queries";

/** What happens to the text, for the line beside the title. */
export type SaveState =
  | { kind: "saved"; at: Date }
  | { kind: "saving" }
  | { kind: "waiting"; reason: string }
  | { kind: "refused"; reason: string }
  | { kind: "conflict"; conflict: Conflict };

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

export interface DraftView {
  text: string;
  explanation: Explanation | null;
  explained: string;
  stale: string | null;
  save: SaveState;
  recovered: boolean;
}

interface Kept {
  text: string;
  base: number;
}

/**
 * One draft being edited. The editor owns the cursor; this owns the text's way to the server: explained at each change
 * (one request at a time, newest wins), kept in this browser at once, saved when typing pauses, and saved again until it
 * arrives.
 */
export class DraftSession {
  private view: DraftView;
  private listeners = new Set<() => void>();
  private base: number;
  private doc = 0;
  private explaining = false;
  private saving = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private retryMs = 1000;
  private pending: { id: string; text: string } | null = null;
  private closed = false;

  private replaceInEditor: (text: string) => void = () => undefined;

  constructor(readonly stored: StoredDraft) {
    this.base = stored.revision;
    this.view = {
      text: stored.body,
      explanation: null,
      explained: "",
      stale: null,
      save: { kind: "saved", at: new Date(stored.savedAt) },
      recovered: false,
    };
  }

  /** Looks for a text that never reached the server, then explains. The editor is told of texts it did not type. */
  async open(replaceInEditor: (text: string) => void): Promise<void> {
    this.replaceInEditor = replaceInEditor;
    this.closed = false;
    const kept = await get<Kept>(this.key).catch(() => undefined);
    if (kept && kept.text !== this.stored.body && !this.closed) {
      this.base = kept.base;
      this.set({ text: kept.text, recovered: true });
      this.replaceInEditor(kept.text);
      void this.saveNow();
    } else if (kept) {
      await del(this.key).catch(() => undefined);
    }
    void this.explain();
  }

  close(): void {
    clearTimeout(this.timer);
    if (this.view.save.kind === "waiting") void this.saveNow();
    this.closed = true;
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = () => this.view;

  /** The text was changed by hand or by a command. */
  change(text: string): void {
    if (text === this.view.text) return;
    const conflict = this.view.save.kind === "conflict" ? this.view.save : null;
    this.set({ text, save: conflict ?? { kind: "waiting", reason: "" } });
    void set(this.key, { text, base: this.base } satisfies Kept).catch(() => undefined);
    void this.explain();
    if (!conflict) this.later(700);
  }

  /** Settles a conflict with the text that shall hold; the stored revision becomes the base. */
  settle(text: string): void {
    if (this.view.save.kind !== "conflict") return;
    this.base = this.view.save.conflict.current.revision;
    this.pending = null;
    this.set({ text, save: { kind: "waiting", reason: "" } });
    this.replaceInEditor(text);
    void this.explain();
    void this.saveNow();
  }

  private get key() {
    return `draft:${this.stored.id}`;
  }

  private later(ms: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveNow(), ms);
  }

  private async saveNow(): Promise<void> {
    clearTimeout(this.timer);
    if (this.saving || this.view.save.kind === "conflict") return;
    this.saving = true;
    // A retry of the same text keeps its save id, so a lost answer is not taken for somebody else's save.
    if (this.pending?.text !== this.view.text) this.pending = { id: crypto.randomUUID(), text: this.view.text };
    const { id, text } = this.pending;
    this.set({ save: { kind: "saving" } });
    try {
      const saved = await ask(
        api.PUT("/api/workouts/{id}", {
          params: { path: { id: this.stored.id } },
          body: { baseRevision: this.base, saveId: id, body: text },
        }),
      );
      this.base = saved.revision;
      this.pending = null;
      this.retryMs = 1000;
      if (this.view.text === text) {
        await del(this.key).catch(() => undefined);
        this.set({ save: { kind: "saved", at: new Date(saved.savedAt) }, recovered: false });
      } else {
        this.set({ save: { kind: "waiting", reason: "" } });
        this.later(300);
      }
      void queryClient.invalidateQueries({ queryKey: ["overview", this.stored.competitionId] });
    } catch (e) {
      this.failed(e);
    } finally {
      this.saving = false;
    }
  }

  private failed(e: unknown) {
    const refused = e instanceof Refused ? e : null;
    if (refused?.status === 409) {
      const body = refused.body as unknown as Conflict;
      this.set({
        save: { kind: "conflict", conflict: { current: body.current, changed: body.changed ?? [], merged: body.merged ?? null } },
      });
    } else if (refused?.passing) {
      this.set({ save: { kind: "waiting", reason: refused.status === 0 ? "The application does not answer." : refused.title } });
      this.later(this.retryMs);
      this.retryMs = Math.min(this.retryMs * 2, 8000);
    } else {
      this.set({
        save: { kind: "refused", reason: refused ? [refused.title, ...Object.values(refused.errors).flat()].join(" ") : "Saving failed." },
      });
    }
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
