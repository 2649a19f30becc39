import type { LampSwitchId } from '@katachron/core';
import type { Firing } from '../../nouns/in-hand/draft.ts';
import type { Fired } from '../../nouns/in-hand/limits.ts';
import { markOf, nextMark } from '../../nouns/print/mark.ts';
import type { GivenFiring } from '../../nouns/print/sheet.ts';
import type { Fireable } from './fireable.ts';
import { firingLines, versionNow } from './firing-lines.ts';
import type { PrintInHand } from './print-in-hand.svelte.ts';

const parts: Partial<Record<Fired, string>> = {
  'pair-1': '/split',
  'pair-2': '/split',
  'flash-1': '/flash',
  'flash-2': '/flash',
  pieces: '/plan',
};

/** A strip or a sheet of the print in hand: what was given of it is kept with the print. */
export class FireOfPrint implements Fireable {
  readonly what: Fired;
  readonly #print: PrintInHand;
  readonly #lines;

  constructor(print: PrintInHand, what: Fired) {
    this.#print = print;
    this.what = what;
    const lines = $derived(firingLines(print.draft, print.view(), what));
    this.#lines = () => lines;
  }

  get lines() {
    return this.#lines();
  }

  get name(): string {
    const names: Record<Fired, string> = {
      strip: `strip ${this.#print.number}`,
      print: 'print',
      'pair-1': 'first strip',
      'pair-2': 'second strip',
      'flash-1': 'coarse strip',
      'flash-2': 'separate patches',
      pieces: 'test pieces',
    };
    return names[this.what];
  }

  get work() {
    const { number, held } = this.#print;
    const thing = held.id;
    return this.what === 'print'
      ? { thing, kind: 'print' as const }
      : { thing, kind: 'strip' as const, number };
  }

  readonly inRecord = true;

  get back(): string {
    return this.#print.path + (parts[this.what] ?? '');
  }

  get nothing(): string {
    return this.what === 'print'
      ? 'There is no time for a print yet: read a strip first.'
      : 'There is nothing to fire yet: put the strip right first.';
  }

  get timerStep(): number {
    return this.#print.view().timerStep;
  }

  get lagSeconds(): number {
    return this.#print.view().lagSeconds;
  }

  get tray() {
    return this.what === 'print' ? ('print' as const) : ('strip' as const);
  }

  get base() {
    return this.#print.view().on.kept?.base;
  }

  get also() {
    return this.#print.draft.also ?? [];
  }

  get copies(): number {
    return this.what === 'print' ? (this.#print.draft.copies ?? 1) : 1;
  }

  get nextMark(): string | undefined {
    const { draft } = this.#print;
    const version = this.what === 'print' ? versionNow(draft, this.#print.view()) : undefined;
    return version && nextMark(version.number, draft.sheets ?? []);
  }

  markOf(sheetId: string): string | undefined {
    const { sheets = [] } = this.#print.draft;
    const sheet = sheets.find(({ id }) => id === sheetId);
    return sheet && markOf(sheet, sheets);
  }

  get sheetId(): string | undefined {
    return this.what === 'print' ? this.#print.draft.sheets?.at(-1)?.id : undefined;
  }

  get through() {
    return this.#print.through;
  }

  get bathCautions() {
    return this.#print.bathCautions;
  }

  get firing(): Firing | undefined {
    return this.#print.draft.firing;
  }
  set firing(firing) {
    if (firing) this.#print.draft.firing = firing;
    else delete this.#print.draft.firing;
  }

  get lampBy(): LampSwitchId {
    return this.#print.draft.lampBy ?? 'screen';
  }
  set lampBy(by) {
    this.#print.draft.lampBy = by;
  }

  exposed(given: readonly GivenFiring[], sheetId: string, atMs: number): void {
    if (this.what === 'print') this.#print.sheetGiven(given, this.lampBy, sheetId, atMs);
    else if (this.what !== 'strip') this.#testPaper();
  }

  /** What is read is kept as a strip; all else is paper that the baths had all the same. */
  #testPaper(): void {
    const { draft } = this.#print;
    const { strips, pieces } = draft.testPaper ?? { strips: 0, pieces: 0 };
    draft.testPaper =
      this.what === 'pieces'
        ? { strips, pieces: pieces + (draft.pieces?.length ?? 0) }
        : { strips: strips + 1, pieces };
  }
}
