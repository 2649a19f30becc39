import type { ShelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
import type { TwoThing } from '../../../nouns/in-hand/limits.ts';
import { paperFacts } from '../../../nouns/paper/facts.ts';
import type { GivenFiring } from '../../../nouns/print/sheet.ts';
import type { TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
import { partOfSheet } from '../../../nouns/bath/part-of-sheet.ts';
import type { PaperThrough } from '../../../nouns/bath/through.ts';
import type { TrayBaths } from '../tray-baths.ts';
import type { AfterFiring, Fireable } from '../fireable.ts';
import { FireOfKept } from '../fire-of-kept.svelte.ts';
import { KeptFiring } from '../kept-firing.svelte.ts';
import {
  GRID_OF_SHEET,
  markOfTwo,
  waitingForB,
  withExposed,
  type TwoExposed,
} from './two-exposed.ts';
import { twoLines } from './two-lines.ts';
import { gridTimes, lampOf, type TwoShelves } from './two-view.ts';

const names: Record<TwoThing, string> = {
  'two-grid': 'grid',
  'two-a': 'negative A',
  'two-b': 'negative B',
};

/** Where what was fired of a print of two negatives is kept until it is written down. */
export const keptOfTwo = (printId: string, hand: ShelfInHand<TwoNegativesBody>) =>
  new KeptFiring<TwoExposed>(`katachron-two-fired-${printId}`, (entries) => {
    const { tests, sheets } = entries.reduce(withExposed, {
      tests: hand.now.tests,
      sheets: hand.now.sheets ?? [],
    });
    return hand.write({ tests, ...(sheets && { sheets }) });
  });

/** The grid of two negatives, or one of the two on every sheet: two sequences, with the change between. */
export class FireOfTwo extends FireOfKept<TwoExposed> implements Fireable {
  readonly what: TwoThing;
  readonly back: string;
  readonly nothing =
    'There is nothing to fire yet: each negative needs its time by a strip of its own.';
  readonly #printId: string;
  readonly #hand: ShelfInHand<TwoNegativesBody>;
  readonly #shelves: TwoShelves;

  constructor(
    printId: string,
    hand: ShelfInHand<TwoNegativesBody>,
    kept: KeptFiring<TwoExposed>,
    shelves: TwoShelves,
    what: TwoThing,
    trays: () => TrayBaths,
  ) {
    super(kept, trays);
    this.what = what;
    this.#printId = printId;
    this.back = `/print/two-negatives/${printId}`;
    this.#hand = hand;
    this.#shelves = shelves;
  }

  /** The print with all that was exposed, written down already or not. */
  get #body(): TwoNegativesBody {
    const { now } = this.#hand;
    return { ...now, ...this.kept.unsent.reduce(withExposed, now) };
  }

  get work() {
    return { thing: this.#printId, kind: this.tray };
  }

  get name(): string {
    return names[this.what];
  }

  get lines() {
    // Of a grid that lies open already the next one is another.
    return twoLines(this.#hand.now, this.#shelves, this.what);
  }

  get #lamp() {
    return lampOf(this.#hand.now, this.#shelves);
  }

  get timerStep(): number {
    return this.#lamp.timerStepSeconds;
  }

  get lagSeconds(): number {
    return this.#lamp.lagSeconds;
  }

  get tray() {
    return this.what === 'two-grid' ? ('strip' as const) : ('print' as const);
  }

  get base() {
    return paperFacts(this.#hand.now.paper, 'filters', this.#shelves.papers).kept?.base;
  }

  /** Of A as many as are wanted and may fail; of B as many as have A, those of this go with them. */
  get copies(): number {
    const { copies, spare } = this.#hand.now;
    const body = this.#body;
    const { made = [], sheetId } = this.firing ?? {};
    const ofThisGo = new Set([...made, ...(sheetId === undefined ? [] : [sheetId])]);
    const done = (body.sheets ?? []).filter(({ b }) => b && ofThisGo.has(b.id)).length;
    const counts: Record<TwoThing, () => number> = {
      'two-grid': () => 1,
      'two-a': () => copies + spare,
      'two-b': () => Math.max(1, waitingForB(body).length + done),
    };
    return counts[this.what]();
  }

  get nextMark(): string | undefined {
    const { sheets = [] } = this.#body;
    const marks: Record<TwoThing, () => string | undefined> = {
      'two-grid': () => 'the top, 1 and 2',
      'two-a': () => `the top, Sheet ${(sheets.at(-1)?.number ?? 0) + 1}`,
      'two-b': () => {
        const [next] = waitingForB(this.#body);
        return next && `Sheet ${next.number}`;
      },
    };
    return marks[this.what]();
  }

  markOf(exposureId: string): string | undefined {
    return markOfTwo(this.#body, exposureId);
  }

  get then(): AfterFiring | undefined {
    if (this.what !== 'two-a') return undefined;
    return {
      words: 'All have A. Into the light-tight box, top to top. Change the negative once.',
      button: 'On to B',
      to: `${this.back}/fire?what=two-b`,
    };
  }

  /** Two strips of a grid are half a sheet; what has A alone goes through no bath yet. */
  get #paper(): PaperThrough | undefined {
    const { sheet } = this.trays!();
    if (!sheet || this.what === 'two-a') return undefined;
    return this.what === 'two-grid' ? partOfSheet(sheet, GRID_OF_SHEET) : sheet;
  }

  exposed(given: readonly GivenFiring[], sheetId: string, atMs: number): void {
    const times = this.what === 'two-grid' ? gridTimes(this.#hand.now, this.#shelves) : undefined;
    this.kept.exposed({
      ...{ id: sheetId, what: this.what, atMs, firings: given },
      ...(times && { times }),
      ...(this.#paper && { baths: this.#paper }),
    });
  }
}
