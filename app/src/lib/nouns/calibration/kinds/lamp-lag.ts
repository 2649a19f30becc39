import { withinText } from '../../../words/certain.ts';
import { knownLag, worthOfGlow } from '@katachron/core';
import { numberField, optional, textField, timeField } from '../fields/simple.ts';
import { bodyOf, type Things } from '../changes.ts';
import { called } from '../../../words/called.ts';
import { testKind } from './kind.ts';

/** Light that a lamp loses at each firing. */
export const lampLag = testKind({
  id: 'lamp-lag',
  group: 'light',
  name: 'Lamp lag',
  question: 'How much of each firing does the lamp take to glow up?',
  list: ['a plain grey on paper, or a negative’s even sky', 'the enlarger, its timer warm'],
  evening: () => [
    'One patch of many short firings: 20 of 1 s say more than 8 of 2 s.',
    'Beside it single firings around the sum: as long, and 2, 4, 6, 8, 10 % shorter.',
    'Dry, find the single firing that looks the same as the many.',
  ],
  caution: 'Mains and wet hands apart: the timer is switched with dry ones.',
  fields: {
    enlarger: textField({
      label: 'The enlarger',
      hint: 'As it is called on the shelf.',
      title: 'which enlarger it is',
    }),
    firings: numberField({
      ...{ label: 'Firings', hint: 'Of the one patch.', title: 'how many firings' },
      ...{ least: 2, most: 100, whole: true, example: 20 },
    }),
    eachSeconds: timeField({
      ...{ label: 'Each of, s', title: 'how long each was', least: 0.1, most: 60, example: 1 },
    }),
    singleSeconds: timeField({
      ...{ label: 'Look like one of, s', title: 'the single firing', least: 0.1, most: 600 },
      ...{ example: 16 },
    }),
    tauSeconds: optional(
      numberField({
        label: 'It glows up with τ, s',
        hint: 'Of a slow filament lamp, where it is known.',
        title: 'how slowly it glows up',
        least: 0.01,
        most: 5,
        example: 0.25,
      }),
    ),
  },
  nameOf: ({ enlarger }) => enlarger,
  solve: ({ firings, eachSeconds, singleSeconds, tauSeconds }) => {
    const known = knownLag(firings, eachSeconds, singleSeconds);
    if (tauSeconds === undefined) return known;
    const shortSeconds = known.leastFiringSeconds;
    return {
      ...known,
      short: {
        seconds: shortSeconds,
        really: worthOfGlow(shortSeconds, tauSeconds),
        byOneNumber: Math.max(0, shortSeconds - known.lagSeconds),
      },
    };
  },
  tell: (result, { firings, eachSeconds, singleSeconds }) => {
    const { lagSeconds, withinSeconds, leastFiringSeconds } = result;
    const short = 'short' in result ? result.short : undefined;
    return {
      number: lagSeconds.toFixed(2),
      unit: `s ± ${withinText(withinSeconds, 2)}`,
      sentence: `${firings} firings of ${eachSeconds} s look like one of ${singleSeconds} s: each loses ${lagSeconds.toFixed(2)} s. A match is good to a twelfth of a stop, so the lag to ${withinText(withinSeconds, 2)} s.`,
      more: [
        lagSeconds < 0 ? 'Below zero: the lamp glows on after it is switched off.' : '',
        `Firings under ${leastFiringSeconds.toFixed(1)} s are more lag than light: one number no longer says what they give.`,
        short
          ? `With τ ${short.seconds.toFixed(1)} s really give ${short.really.toFixed(2)} s of light; one number says ${short.byOneNumber.toFixed(2)} s.`
          : '',
      ].filter(Boolean),
      cautions:
        withinSeconds > 0.1 && firings < 20
          ? ['More firings know it better: 20 of 1 s are good to ± 0.1 s.']
          : [],
    };
  },
  changes: ({ lagSeconds }, { enlarger }, { enlargers }: Things) =>
    enlargers
      .filter((one) => one === called(enlargers, enlarger))
      .map((kept) => ({
        label: `Write it on ${kept.name}`,
        done: `${kept.name} has a lag of ${lagSeconds.toFixed(2)} s now.`,
        shelf: 'enlargers',
        thing: kept,
        name: kept.name,
        body: {
          ...bodyOf(kept),
          lamp: { ...kept.lamp, lagSeconds: Number(lagSeconds.toFixed(3)) },
        },
      })),
  hangsOn: ['lamp', 'timer'],
  doubtAfterDays: 730,
  drift: { amount: 0.05, unit: 's' },
  shortCheck: '10 firings of 1 s beside one of the time that the lag says: alike?',
});
