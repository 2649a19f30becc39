import { numberWord, type Sequence } from '@katachron/core';
import { capital } from '../../words/capital.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { PrintView } from './print-view.ts';

/** What the timer's steps miss by is worth a word from here on, stops. */
const WORTH_SAYING = 0.02;

const counted = (count: number, noun: string) =>
  `${numberWord(count)} ${noun}${count === 1 ? '' : 's'}`;

const distinct = (sequence: Sequence) =>
  new Set(sequence.firings.map(({ setting }) => setting.id)).size;

/** "Four firings, two filters, one change: 49.3 s of light in all." and what has to be known before. */
export function planWords(
  draft: PrintDraft,
  { plan, set, timerStep }: Pick<PrintView, 'plan' | 'set' | 'timerStep'>,
): { readonly sentences: readonly string[]; readonly cautions: readonly string[] } {
  const { sequence } = plan;
  if (!sequence) return { sentences: [], cautions: plan.trouble ? [plan.trouble] : [] };
  const { firings, areas, filterChanges, apertureChanges, lightSeconds, handsFit } = sequence;
  const parts = [
    counted(firings.length, 'firing'),
    ...(filterChanges > 0
      ? [counted(distinct(sequence), set.noun), counted(filterChanges, 'change')]
      : []),
    ...(apertureChanges > 0
      ? [
          `the lens turned ${apertureChanges === 1 ? 'once' : `${numberWord(apertureChanges)} times`}`,
        ]
      : []),
  ].join(', ');
  const base = firings.filter(({ kind }) => kind === 'base');
  const oneEach = new Set(base.map(({ setting }) => setting.id)).size === base.length;
  const held = areas.some((_, area) => (plan.areas[area]?.stops ?? 0) < 0);
  const error = Math.max(0, ...areas.map(({ errorStops }) => Math.abs(errorStops)));
  const hands = draft.hands === 'one' ? 'One hand' : 'Two hands';
  return {
    sentences: [
      `${capital(parts)}: ${enlargerSeconds(lightSeconds, timerStep)} s of light in all.`,
      ...(held && handsFit && !oneEach && !draft.asFired
        ? ['The base is parted so that nobody changes hands in the light.']
        : []),
      ...(error > WORTH_SAYING
        ? [
            `The timer’s steps move an area by up to ${error.toFixed(2)} stop; a smaller aperture makes that less.`,
          ]
        : []),
    ],
    cautions: handsFit
      ? []
      : [
          `${hands} cannot hold all of that back in this base: hold back less, or make the base shorter and burn what is left.`,
        ],
  };
}
