/** A document as the server has it. */
export interface Stored<T> {
  revision: number;
  value: T;
  at: Date;
}

/** What came of a save. */
export type Answer<T, C> =
  | { kind: "saved"; stored: Stored<T> }
  | { kind: "conflict"; revision: number; conflict: C }
  | { kind: "away"; reason: string }
  | { kind: "refused"; why: Error };

/** What happens to the document, for the line that says so. */
export type SaveState<C> =
  | { kind: "saved"; at: Date }
  | { kind: "changed" }
  | { kind: "saving" }
  | { kind: "waiting"; reason: string }
  | { kind: "refused"; why: Error }
  | { kind: "conflict"; conflict: C };

interface Sent<T> {
  id: string;
  base: number;
  value: T;
}

/** What is kept in this browser until the server has it. */
export interface Kept<T> {
  value: T;
  base: number;
  sent: Sent<T> | null;
}

/** Everything a document needs of the world. */
export interface Ports<T, C> {
  send: (base: number, saveId: string, value: T) => Promise<Answer<T, C>>;
  kept: { get: () => Promise<Kept<T> | undefined>; set: (kept: Kept<T>) => Promise<void>; drop: () => Promise<void> };
  same: (a: T, b: T) => boolean;
  /** Calls back later, and gives what ends the waiting. */
  later: (ms: number, then: () => void) => () => void;
  newId: () => string;
}

export interface SavingView<T, C> {
  value: T;
  save: SaveState<C>;
  /** True when the document was restored from this browser and has not reached the server yet. */
  recovered: boolean;
}

const pauseAfterTyping = 700;
const longestWait = 8000;

/**
 * One document's way to the server: kept in this browser at each change, saved when typing pauses, and saved again until it
 * arrives. A save whose answer was lost is asked about under the same id before anything newer is sent, so that one's own
 * save is never taken for somebody else's, nor somebody else's for one's own.
 */
export class Saving<T, C> {
  private view: SavingView<T, C>;
  private base: number;
  private sent: Sent<T> | null = null;
  private conflictAt = 0;
  private sending = false;
  private touched = false;
  private retryMs = 1000;
  private cancelTimer: () => void = () => undefined;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly stored: Stored<T>,
    private readonly ports: Ports<T, C>,
  ) {
    this.base = stored.revision;
    this.view = { value: stored.value, save: { kind: "saved", at: stored.at }, recovered: false };
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = () => this.view;

  /** True while the server does not have what stands here. */
  get unsaved(): boolean {
    return this.view.save.kind !== "saved";
  }

  /** Looks for what never reached the server; true when it was restored. */
  async restore(): Promise<boolean> {
    const kept = await this.ports.kept.get().catch(() => undefined);
    if (this.touched || !kept) return false;
    if (!kept.sent && this.ports.same(kept.value, this.stored.value)) {
      await this.ports.kept.drop().catch(() => undefined);
      return false;
    }
    this.base = kept.base;
    this.sent = kept.sent;
    this.set({ value: kept.value, recovered: true, save: { kind: "changed" } });
    void this.saveNow();
    return true;
  }

  change(value: T): void {
    if (value === this.view.value) return;
    this.touched = true;
    const conflict = this.view.save.kind === "conflict";
    this.set({ value, save: conflict ? this.view.save : { kind: "changed" } });
    this.keep();
    if (!conflict) this.soon(pauseAfterTyping);
  }

  /**
   * Settles a conflict with what shall hold; the stored revision becomes the base.
   * With the time at which it was stored, it is what the server has, and nothing is sent.
   */
  settle(value: T, storedAt?: Date): void {
    if (this.view.save.kind !== "conflict") return;
    this.base = this.conflictAt;
    if (storedAt) {
      void this.ports.kept.drop().catch(() => undefined);
      this.set({ value, save: { kind: "saved", at: storedAt }, recovered: false });
      return;
    }
    this.set({ value, save: { kind: "changed" } });
    this.keep();
    void this.saveNow();
  }

  /** The page is left: what waits for a pause in typing is sent at once. Retries go on. */
  leave(): void {
    if (this.view.save.kind === "changed") void this.saveNow();
  }

  async saveNow(): Promise<void> {
    this.cancelTimer();
    if (this.sending || this.view.save.kind === "conflict" || (this.view.save.kind === "saved" && !this.sent)) return;
    this.sending = true;
    const sent = (this.sent ??= { id: this.ports.newId(), base: this.base, value: this.view.value });
    this.keep();
    this.set({ save: { kind: "saving" } });
    const answer = await this.ports
      .send(sent.base, sent.id, sent.value)
      .catch((e: unknown): Answer<T, C> => ({ kind: "refused", why: e instanceof Error ? e : new Error("Saving failed.") }));
    this.sending = false;
    this.heard(sent, answer);
  }

  private heard(sent: Sent<T>, answer: Answer<T, C>): void {
    switch (answer.kind) {
      case "saved":
        this.base = answer.stored.revision;
        this.sent = null;
        this.retryMs = 1000;
        if (this.ports.same(this.view.value, sent.value)) {
          void this.ports.kept.drop().catch(() => undefined);
          this.set({ save: { kind: "saved", at: answer.stored.at }, recovered: false });
        } else {
          this.set({ save: { kind: "changed" } });
          this.keep();
          this.soon(300);
        }
        break;
      case "conflict":
        this.sent = null;
        this.conflictAt = answer.revision;
        this.set({ save: { kind: "conflict", conflict: answer.conflict } });
        this.keep();
        break;
      case "away":
        this.set({ save: { kind: "waiting", reason: answer.reason } });
        this.soon(this.retryMs);
        this.retryMs = Math.min(this.retryMs * 2, longestWait);
        break;
      case "refused":
        this.sent = null;
        this.set({ save: { kind: "refused", why: answer.why } });
        this.keep();
        if (!this.ports.same(this.view.value, sent.value)) this.soon(pauseAfterTyping);
        break;
    }
  }

  private keep(): void {
    void this.ports.kept.set({ value: this.view.value, base: this.base, sent: this.sent }).catch(() => undefined);
  }

  private soon(ms: number): void {
    this.cancelTimer();
    this.cancelTimer = this.ports.later(ms, () => void this.saveNow());
  }

  private set(change: Partial<SavingView<T, C>>): void {
    this.view = { ...this.view, ...change };
    this.listeners.forEach((l) => l());
  }
}
