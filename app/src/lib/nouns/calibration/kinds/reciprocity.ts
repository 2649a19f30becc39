import { withinText } from '../../../words/certain.ts';
import { neededSeconds, reciprocityFromTests, Refusal } from '@katachron/core';
import { attempt } from '../../../words/attempt.ts';
import { clockTime } from '../../../words/duration.ts';
import { stopsInWords } from '../../../words/fraction.ts';
import { choiceField, numberField, optional, timeField } from '../fields/simple.ts';
import { rowsField } from '../fields/tables.ts';
import { filmField } from './common.ts';
import { lawOf } from './law-of.ts';
import { testKind, type Point } from './kind.ts';

const LONGEST = 36_000;
const time = (label: string, title: string) =>
  timeField({ label, title, least: 0.01, most: LONGEST, example: 30 });
/** Times that people give, s. */
const SHOWN = [2, 4, 8, 15, 30, 60, 120, 240];

const laws = [
  { id: 'tests', name: 'by my own test exposures' },
  { id: 'table', name: 'by a table, as of a data sheet' },
  { id: 'power', name: 'by a power that is known' },
] as const;

/** What a film needs in long exposures. */
export const reciprocity = testKind({
  id: 'reciprocity',
  group: 'film',
  name: 'Reciprocity of a film',
  question: 'How much longer than the meter says must this film be exposed?',
  list: ['a tripod, an even surface, and the meter', 'or the film’s data sheet'],
  evening: () => [
    'One frame at a second or less, as metered: that is the one to match.',
    'With a dark filter or in dim light, frames metered at 8 and at 60 s: each at the time as metered, and at ⅓, ⅔, 1, 1⅓ and 2 stops more.',
    'Develop together. Of each series write down the time whose frame is as dense as the first.',
  ],
  fields: {
    film: filmField,
    from: choiceField({ label: 'What is known', title: 'what is known', options: laws }),
    points: rowsField({
      label: 'Metered and needed',
      hint: 'As 0:30 or 30; a table may begin at 1 s for 1 s.',
      title: 'the times',
      one: 'a time',
      columns: {
        meteredSeconds: time('Metered', 'metered'),
        neededSeconds: time('Needed', 'needed'),
      },
      least: 0,
      most: 12,
    }),
    power: optional(
      numberField({
        label: 'The power',
        hint: 'As 1.3; only where that is what is known.',
        title: 'the power',
        least: 1,
        most: 2,
        example: 1.3,
      }),
    ),
    meteredSeconds: time('The meter says now', 'what the meter says'),
    filterStops: optional(
      numberField({
        label: 'The filter takes, stops',
        hint: 'It comes before the film’s law.',
        title: 'what the filter takes',
        least: 0,
        most: 20,
        example: 1,
      }),
    ),
  },
  nameOf: ({ film }) => film,
  brief: ({ from, points, power }) =>
    ({
      tests: () => `t^${attempt(() => reciprocityFromTests(points).power.toFixed(2)).value ?? '?'}`,
      table: () => `a table of ${points.length}`,
      power: () => `t^${power ?? '?'}`,
    })[from](),
  solve: ({ from, points, power, meteredSeconds, filterStops = 0 }) => {
    const found = from === 'tests' ? reciprocityFromTests(points) : undefined;
    const law = lawOf({ from, points, ...(power !== undefined && { power }) });
    const seconds = neededSeconds(law, meteredSeconds, filterStops);
    const filtered = meteredSeconds * 2 ** filterStops;
    return {
      seconds,
      lostStops: Math.log2(seconds / filtered),
      ...(found && { power: found.power, within: found.within, residuals: found.residualStops }),
      needed: law.needed,
    };
  },
  tell: (result, { meteredSeconds, filterStops = 0, from }) => {
    const { seconds, lostStops, needed, power, within, residuals } = result;
    const shown = SHOWN.flatMap((metered) => {
      try {
        return [`${metered} s → ${clockTime(needed(metered))}`];
      } catch (cause) {
        if (cause instanceof Refusal) return [];
        throw cause;
      }
    });
    const filter = filterStops > 0 ? ` with ${stopsInWords(filterStops)} of filter first` : '';
    return {
      number: seconds < 60 ? seconds.toFixed(1) : clockTime(seconds),
      unit: seconds < 60 ? 's' : '',
      sentence:
        lostStops < 0.005
          ? `No more than a second${filter}: nothing is lost.`
          : `The meter says ${meteredSeconds} s${filter}; the film needs ${stopsInWords(lostStops)} more than that.`,
      more: [
        `${shown.join(' · ')}.`,
        ...(power !== undefined
          ? [
              `The tests say t^${power.toFixed(2)}, ± ${withinText(within!, 2)}${residuals!.length > 1 ? `; they are off it by ${residuals!.map((stops) => `${stops >= 0 ? '+' : '−'}${Math.abs(stops).toFixed(2)}`).join(', ')} stop` : ''}.`,
            ]
          : []),
      ],
      cautions:
        from === 'power'
          ? ['A power from elsewhere is a start: two test frames make it yours.']
          : [],
    };
  },
  chart: ({ needed }, { points, from }) => {
    const curve = Array.from({ length: 40 }, (_, n): Point[] => {
      const metered = 10 ** (n / 16);
      try {
        return [{ x: metered, y: Math.log2(needed(metered) / metered) }];
      } catch (cause) {
        if (cause instanceof Refusal) return [];
        throw cause;
      }
    }).flat();
    return {
      label: 'What the film needs on top, over the metered time',
      across: 'metered, s',
      up: 'stops more',
      logAcross: true,
      series: [
        {
          name: from === 'table' ? 'table' : 'law',
          points: points.map(({ meteredSeconds, neededSeconds: given }) => ({
            x: meteredSeconds,
            y: Math.log2(given / meteredSeconds),
          })),
          curve,
        },
      ],
      marks: [],
    };
  },
  usedBy: 'The exposures of a step tablet on this film are told with it.',
  hangsOn: ['film'],
  doubtAfterDays: 3 * 365,
  drift: { amount: 0.2, unit: 'stop' },
  shortCheck: 'One frame metered at 30 s with the time that is said: as dense as the short one?',
});
