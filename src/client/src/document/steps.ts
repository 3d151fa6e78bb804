/** Changes in one field within this time are one step. */
const oneStep = 1500;
const mostSteps = 100;

/** Undo and redo of whole steps: typing in one field is one step. It knows nothing of what it steps through. */
export class Steps<T> {
  private past: T[] = [];
  private future: T[] = [];
  private last = { field: "", at: 0 };

  constructor(private readonly now: () => number = Date.now) {}

  get canUndo(): boolean {
    return this.past.length > 0;
  }

  get canRedo(): boolean {
    return this.future.length > 0;
  }

  /** A change is about to be made; what stands before it can be undone to. */
  before(value: T, field: string): void {
    const at = this.now();
    const same = this.last.field === field && at - this.last.at < oneStep && this.past.length > 0;
    this.last = { field, at };
    if (!same) this.past = [...this.past, value].slice(-mostSteps);
    this.future = [];
  }

  /** What stood before the last step; null when there is none. */
  undo(value: T): T | null {
    const before = this.past.at(-1);
    if (before === undefined) return null;
    this.past = this.past.slice(0, -1);
    this.future = [value, ...this.future];
    this.last = { field: "", at: 0 };
    return before;
  }

  /** What was undone last; null when there is none. */
  redo(value: T): T | null {
    const next = this.future[0];
    if (next === undefined) return null;
    this.future = this.future.slice(1);
    this.past = [...this.past, value];
    this.last = { field: "", at: 0 };
    return next;
  }
}
