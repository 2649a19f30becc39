import { safeWhenMoved, safelight as readSafelight } from '@katachron/core';
import { clockTime } from '../../../words/duration.ts';
import { numberField, optional, textField, tickField, timeField } from '../fields/simple.ts';
import { rowsField } from '../fields/tables.ts';
import { testKind } from './kind.ts';

const metres = (label: string, title: string, hint: string) =>
  numberField({ label, title, hint, least: 0.1, most: 20, example: 1.1 });

/** How long paper may lie under a safelight. */
export const safelight = testKind({
  id: 'safelight',
  group: 'light',
  name: 'Safelight',
  question: 'How long may paper lie in this light, before and after its exposure?',
  list: [
    'a sheet flashed to its threshold: unexposed paper stands more light than exposed',
    'a coin for each time',
    'total darkness for the rest of the sheet’s way',
  ],
  evening: () => [
    'With the safelight off, flash the sheet to its threshold and lay it where paper lies.',
    'Coins on it. Safelight on; after 1, 2, 4 and 8 minutes one more coin is taken off, until 16 minutes are over.',
    'Off again; develop in the dark. Dry, in viewing light: which coins can be seen?',
  ],
  caution: 'Work in the dark with dry hands, the floor free, mains away from the wet side.',
  fields: {
    lamp: textField({
      label: 'The safelight',
      hint: 'Lamp and filter, as red lamp over the sink.',
      title: 'which safelight it is',
    }),
    coins: rowsField({
      label: 'The coins',
      hint: 'A tick where the coin can be seen.',
      title: 'the coins',
      one: 'a coin',
      columns: {
        seconds: timeField({
          ...{ label: 'Under the light', title: 'the time', least: 5, most: 14_400, example: 60 },
        }),
        shown: tickField({ label: 'It shows', title: 'whether it shows' }),
      },
      least: 1,
      most: 12,
      usual: ['1:00', '2:00', '4:00', '8:00', '16:00'].map((time) => `${time}\t`).join('\n'),
    }),
    testedMetres: optional(metres('From the lamp, m', 'how far the lamp was', 'In the test.')),
    nowMetres: optional(metres('And now, m', 'how far the lamp is now', 'If it was moved since.')),
  },
  nameOf: ({ lamp }) => lamp,
  solve: ({ coins, testedMetres, nowMetres }) => {
    const found = readSafelight(
      coins.map(({ seconds }) => seconds),
      coins.map(({ shown }) => shown),
    );
    const moved =
      testedMetres !== undefined && nowMetres !== undefined
        ? safeWhenMoved(found.safeSeconds, testedMetres, nowMetres)
        : undefined;
    return { ...found, ...(moved !== undefined && { movedSeconds: moved }) };
  },
  tell: ({ safeSeconds, atLeast, movedSeconds }, { coins, testedMetres, nowMetres }) => {
    const first = coins
      .filter(({ shown }) => shown)
      .reduce((least, { seconds }) => Math.min(least, seconds), Infinity);
    return {
      number: clockTime(movedSeconds ?? safeSeconds),
      unit: atLeast ? 'at least' : '',
      sentence: atLeast
        ? `No coin shows: half of the longest time, ${clockTime(safeSeconds)}, is safe, and perhaps more.`
        : `Half of the longest time that shows nothing, ${clockTime(2 * safeSeconds)}. Half of the first that shows, ${clockTime(first / 2)}, has no margin: it may have shown a second after the one before.`,
      more: [
        ...(movedSeconds !== undefined
          ? [
              `With the lamp at ${nowMetres} m instead of ${testedMetres} m: ${clockTime(movedSeconds)} instead of ${clockTime(safeSeconds)}, by the square of the distance.`,
            ]
          : []),
        'Add up all the time in this light, before and after the exposure.',
      ],
      cautions: [
        'A screen in red is no certified safelight: test it the same way, where it stands.',
      ],
    };
  },
  hangsOn: ['safelight', 'paper'],
  doubtAfterDays: 365,
  drift: { amount: 25, unit: '% of the time, since filters fade' },
  shortCheck: 'One coin for twice the safe time on flashed paper: nothing to be seen?',
});
