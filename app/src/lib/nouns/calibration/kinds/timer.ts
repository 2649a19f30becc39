import { withinPercent } from '../../../words/certain.ts';
import { clockFactor } from '@katachron/core';
import { choiceField, textField, timeField } from '../fields/simple.ts';
import { testKind } from './kind.ts';

/** A timer, a clock or a metronome against this program’s beeps. */
export const timer = testKind({
  id: 'timer',
  group: 'light',
  name: 'Clock and timer',
  question: 'Is a second of this timer a second?',
  list: ['the timer, the clock or the metronome', 'the beeps of this page, once a second'],
  evening: () => [
    'Set it to a minute, or let the metronome beat sixty.',
    'Start it on the first beep; when it ends, stop the beeps. They are counted here, to half of one.',
    'For an enlarger’s timer watch its lamp: what counts is the light.',
  ],
  caution: 'Mains and wet hands apart.',
  fields: {
    name: textField({
      label: 'Which one',
      hint: 'As the enlarger’s timer.',
      title: 'which one it is',
    }),
    kind: choiceField({
      label: 'It is',
      title: 'what it is',
      options: [
        { id: 'timer', name: 'an enlarger’s timer' },
        { id: 'metronome', name: 'a metronome' },
        { id: 'clock', name: 'a clock' },
      ],
    }),
    indicatedSeconds: timeField({
      ...{ label: 'It says', title: 'what it says', least: 5, most: 3600, example: 60 },
      usual: '60',
    }),
    realSeconds: timeField({
      ...{ label: 'Beeps counted', title: 'the beeps', least: 2, most: 7200, example: 60 },
      hint: 'One a second.',
    }),
  },
  nameOf: ({ name }) => name,
  beepsInto: 'realSeconds',
  solve: ({ indicatedSeconds, realSeconds }) => ({
    factor: clockFactor(indicatedSeconds, realSeconds),
    withinShare: 0.5 / realSeconds,
  }),
  tell: ({ factor, withinShare }, { indicatedSeconds, realSeconds }) => {
    const stops = Math.log2(factor);
    const right = Math.abs(factor - 1) <= withinShare;
    return {
      number: factor.toFixed(3),
      unit: '×',
      sentence: right
        ? `It says ${indicatedSeconds} s, and ${realSeconds} went by: right, as well as can be counted.`
        : `It says ${indicatedSeconds} s while ${realSeconds} s go by: ${stops > 0 ? 'slow' : 'fast'}, by ${Math.abs(stops).toFixed(2)} stop.`,
      more: [
        `Counted to half a beep it is known to ${withinPercent(withinShare, 1)}.`,
        right
          ? ''
          : 'A time printed by it is right on it alone; on another timer multiply by this.',
      ].filter(Boolean),
      cautions: [],
    };
  },
  desk: ({ factor, withinShare }, { kind, name }) => {
    // What is further off than this is no clock but a mistake.
    if (kind !== 'clock' || factor < 0.5 || factor > 2) return undefined;
    const right = Math.abs(factor - 1) <= withinShare;
    return {
      label: `Go by ${name} at the sink`,
      done: right
        ? `${name} is right: every development time is what it shows.`
        : `Beside every development time stands what ${name} shows.`,
      clockFactor: right ? 1 : factor,
    };
  },
  hangsOn: ['timer'],
  doubtAfterDays: 1095,
  drift: { amount: 1, unit: '%' },
  shortCheck: 'A minute against the beeps: still the same?',
});
