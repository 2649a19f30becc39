import same from 'fast-deep-equal';
import type { PrintDraft } from '../../../nouns/in-hand/draft.ts';

/** The areas, and the test pieces over them: those go with their area. */
interface Plan {
  readonly areas: PrintDraft['areas'];
  readonly pieces: NonNullable<PrintDraft['pieces']>;
}

/** What follows this closely belongs to the change before, ms. */
const ONE_CHANGE_MS = 400;

/** Every state of the plan that was, and that was taken back: undo and redo without end. */
export class PlanHistory {
  readonly #plan: () => Plan;
  readonly #put: (plan: Plan) => void;
  #last: Plan;
  #before = $state.raw<readonly Plan[]>([]);
  #after = $state.raw<readonly Plan[]>([]);
  #notedMs = -Infinity;

  constructor(plan: () => Plan, put: (plan: Plan) => void) {
    this.#plan = plan;
    this.#put = put;
    this.#last = this.#now();
  }

  #now(): Plan {
    return $state.snapshot(this.#plan()) as Plan;
  }

  get canUndo(): boolean {
    return this.#before.length > 0;
  }

  get canRedo(): boolean {
    return this.#after.length > 0;
  }

  /** Call it when the plan has changed. Changes that follow each other closely, as letters of a name do, are one. */
  note(atMs = Date.now()): void {
    const now = this.#now();
    if (same(now, this.#last)) return;
    const goesOn = atMs - this.#notedMs < ONE_CHANGE_MS && this.#before.length > 0;
    if (!goesOn) this.#before = [...this.#before, this.#last];
    this.#notedMs = atMs;
    this.#after = [];
    this.#last = now;
  }

  undo(): void {
    this.note();
    const back = this.#before.at(-1);
    if (!back) return;
    this.#before = this.#before.slice(0, -1);
    this.#after = [...this.#after, this.#last];
    this.#to(back);
  }

  redo(): void {
    const again = this.#after.at(-1);
    if (!again) return;
    this.#after = this.#after.slice(0, -1);
    this.#before = [...this.#before, this.#last];
    this.#to(again);
  }

  #to(plan: Plan): void {
    this.#notedMs = -Infinity;
    this.#last = plan;
    this.#put(structuredClone(plan));
  }
}
