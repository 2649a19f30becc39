import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import {
  earlierLooks,
  isPicked,
  keepLook,
  looksNow,
  nothingPicked,
  takeLookBack,
  type EarlierLook,
  type Picks,
} from './look-again.ts';
import type { PrintView } from './print-view.ts';

/** A fresh look at a strip that was looked at before, its picks out of sight. */
export class FreshLook {
  readonly #draft: PrintDraft;
  readonly #view: () => PrintView;
  /** The strip that is looked at. */
  at = $state.raw<number>();
  picks = $state.raw<Picks>(nothingPicked);
  /** The strip whose last look can be taken back. */
  kept = $state.raw<number>();

  constructor(draft: PrintDraft, view: () => PrintView) {
    this.#draft = draft;
    this.#view = view;
  }

  /** All strips that can be looked at once more, oldest first. */
  get strips(): readonly EarlierLook[] {
    const view = this.#view();
    return [...earlierLooks(this.#draft, view), ...looksNow(this.#draft, view)];
  }

  get open(): EarlierLook | undefined {
    return this.strips.find(({ index }) => index === this.at);
  }

  /** The strip on the page is looked at: what was picked and found on it is out of sight. */
  get isNow(): boolean {
    return this.at !== undefined && this.at >= this.#draft.earlier.length && !!this.open;
  }

  get keptStrip(): EarlierLook | undefined {
    return this.strips.find(({ index }) => index === this.kept);
  }

  look(index: number | undefined): void {
    this.at = index;
    this.picks = nothingPicked;
    if (index !== undefined) this.kept = undefined;
  }

  /** By key: a pick appears in the middle of the strip. */
  place(where: 'highlight' | 'shadow'): void {
    const { open } = this;
    if (!open) return;
    const middle = Math.floor((open.ruler.patches.length - 1) / 2);
    this.picks = { ...this.picks, [where]: this.picks[where] ?? middle };
  }

  keep(): void {
    const { at } = this;
    if (at === undefined || !isPicked(this.picks)) return;
    keepLook(this.#draft, at, this.picks);
    this.look(undefined);
    this.kept = at;
  }

  takeBack(): void {
    if (this.kept !== undefined) takeLookBack(this.#draft, this.kept);
    this.kept = undefined;
  }

  /** The half of the strip on the page that was looked at once only. */
  get due(): EarlierLook | undefined {
    const of = looksNow(this.#draft, this.#view());
    return of.find(({ looks }) => looks === 1);
  }
}
