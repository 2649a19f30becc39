import type { RingChoices } from '@katachron/core';
import type { ShelfInHand } from '../../../kit/shelf-in-hand.svelte.ts';
import type { ColourPrintBody, ColourTest } from '../../../nouns/colour-print/contract.ts';
import { packWords } from '../../../nouns/colour-print/words.ts';
import type { ColourThing } from '../../../nouns/in-hand/limits.ts';
import type { GivenFiring } from '../../../nouns/print/sheet.ts';
import { enlargerSeconds } from '../../../words/duration.ts';
import type { AfterFiring, Fireable } from '../fireable.ts';
import { FireOfKept } from '../fire-of-kept.svelte.ts';
import type { FiringLine } from '../firing-lines.ts';
import { KeptFiring } from '../kept-firing.svelte.ts';
import type { RingLine } from './ring-view.ts';

/** Where what was fired of a colour print is kept until it is written down. */
export const keptOfColour = (printId: string, hand: ShelfInHand<ColourPrintBody>) =>
  new KeptFiring<ColourTest>(`katachron-colour-fired-${printId}`, (entries) => {
    const { tests } = hand.now;
    const fresh = entries.filter(({ id }) => tests.every((test) => test.id !== id));
    return hand.write({ tests: [...tests, ...fresh] }, 'start');
  });

/** What is on the enlarger for it. */
export interface ColourUnderLamp {
  readonly pack: ColourTest['pack'];
  readonly seconds: number;
  readonly box: string;
  readonly timerStep: number;
  readonly lagSeconds: number;
  /** The drum's baths, and its size. */
  readonly baths?: ColourTest['baths'];
  /** Of a ring-around: its choices, and every patch. */
  readonly ring?: { readonly choices: RingChoices; readonly lines: readonly RingLine[] };
}

/** A sheet of colour paper, or a ring-around on one, in the dark until the drum is closed. */
export class FireOfColour extends FireOfKept<ColourTest> implements Fireable {
  readonly what: ColourThing;
  readonly back: string;
  readonly dark = true;
  readonly tray = 'print';
  readonly base = undefined;
  readonly copies = 1;
  readonly nothing = 'There is nothing to fire yet: put the pack and the time right first.';
  readonly work;
  readonly #under: () => ColourUnderLamp | undefined;
  readonly #number: () => number;
  readonly #close: () => void;

  /** @param close what begins once the drum is closed */
  constructor(
    printId: string,
    kept: KeptFiring<ColourTest>,
    what: ColourThing,
    of: {
      readonly under: () => ColourUnderLamp | undefined;
      readonly number: () => number;
      readonly close: () => void;
    },
  ) {
    super(kept);
    this.what = what;
    this.work = { thing: printId, kind: 'colour' as const };
    this.back = `/print/colour/${printId}`;
    this.#under = of.under;
    this.#number = of.number;
    this.#close = of.close;
  }

  get name(): string {
    return this.what === 'colour-ring' ? 'ring-around' : 'colour sheet';
  }

  get lines(): readonly FiringLine[] {
    const under = this.#under();
    if (!under) return [];
    const { pack, seconds, ring, timerStep } = under;
    if (ring) {
      return ring.lines.map(({ number, window, pack: shown, seconds: dial }) => ({
        hands: `Patch ${number}, window at ${window}`,
        ...{ dial, dialSeconds: Number(dial), filter: shown },
      }));
    }
    const dial = enlargerSeconds(seconds, timerStep);
    return [{ hands: 'Whole sheet', dial, dialSeconds: Number(dial), filter: packWords(pack) }];
  }

  get timerStep(): number {
    return this.#under()?.timerStep ?? 0.1;
  }

  get lagSeconds(): number {
    return this.#under()?.lagSeconds ?? 0;
  }

  get nextMark(): string {
    return `Sheet ${this.#number()}`;
  }

  /** What was fired is the sheet before the next one. */
  markOf = (): string => `Sheet ${this.#number() - 1}`;

  get then(): AfterFiring {
    return {
      words: 'All given. Into the drum, and close it.',
      button: 'The drum is closed',
      begin: () => this.#close(),
      to: this.back,
    };
  }

  /** A whole sheet got what it was given; a ring-around is written down by its middle and its step. */
  exposed(given: readonly GivenFiring[], sheetId: string, atMs: number): void {
    const under = this.#under();
    if (!under) return;
    const { pack, seconds, box, ring, baths } = under;
    const got = given.reduce((sum, firing) => sum + firing.seconds, 0);
    this.kept.exposed({
      ...{ id: sheetId, atMs, pack, box },
      ...(baths && { baths }),
      seconds: ring ? seconds : Number(got.toFixed(3)),
      ...(ring && { ring: { ...ring.choices } }),
    });
  }
}
