import { timesFor, toneById, type ToneId } from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { PrintView } from './print-view.ts';

/** What a tone card holds, lightest first. */
const CARD = ['VIII', 'VII', 'V', 'III', 'II'] as const satisfies readonly ToneId[];

/** A patch of the card, and what the timer gives it. */
export interface CardPatch {
  readonly name: string;
  readonly dial: string;
}

/** How to make a card from the print that is answered: the highlight's place, at five times. */
export function toneCard(draft: PrintDraft, view: PrintView): readonly CardPatch[] {
  const { reading, on, timerStep, lagSeconds } = view;
  if (!reading) return [];
  // As it is seen wet: what is taken off for the dry print is not taken off the card.
  const known = {
    seconds: reading.seconds,
    netDensity: toneById(draft.highlightTone).netDensity,
  };
  const wanted = CARD.map((id) => toneById(id));
  const densities = wanted.map(({ netDensity }) => netDensity);
  // A paper that has no such black makes no such card.
  const seconds = attempt(() => timesFor(on.paper, reading.setting.range, known, densities)).value;
  return wanted.flatMap(({ name }, index) => {
    const time = seconds?.[index];
    return time === undefined
      ? []
      : [{ name, dial: enlargerSeconds(time + lagSeconds, timerStep) }];
  });
}
