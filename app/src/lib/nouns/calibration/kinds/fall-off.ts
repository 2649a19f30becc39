import { defaultPaper, fallOffFromGrey } from '@katachron/core';
import { stopsInWords } from '../../../words/fraction.ts';
import { bodyOf, type Things } from '../changes.ts';
import { numberField, textField } from '../fields/simple.ts';
import { called } from '../../../words/called.ts';
import { testKind } from './kind.ts';

const density = (label: string, title: string, example: number) =>
  numberField({
    ...{ label, title, example, least: 0.01, most: 2 },
    hint: 'Above paper white, by a densitometer or a scan.',
  });

/** What the corners lack, from a plain grey print. */
export const fallOff = testKind({
  id: 'fall-off',
  group: 'light',
  name: 'Corner fall-off',
  question: 'How much less light do the corners get than the middle?',
  list: ['no negative, the carrier empty, the lens focused at the usual size', 'a soft setting'],
  evening: () => [
    'Print a middle grey over the whole sheet at the aperture that is used.',
    'Dry, read the middle and the four corners; the mean of the corners counts.',
    'Turn the paper by 180° for a second one: what turns with it is the paper’s, not the lens’s.',
  ],
  fields: {
    enlarger: textField({
      label: 'The enlarger',
      hint: 'As it is called on the shelf.',
      title: 'which enlarger it is',
    }),
    aperture: numberField({
      ...{ label: 'Aperture, f/', title: 'the aperture', hint: 'Stopping down takes some away.' },
      ...{ least: 0.7, most: 128, example: 8 },
    }),
    range: numberField({
      ...{ label: 'R it was printed at', title: 'R', hint: 'Of the paper at that setting.' },
      ...{ least: 50, most: 175, example: 110 },
    }),
    centreDensity: density('Grey in the middle', 'the grey in the middle', 0.68),
    cornerDensity: density('Grey in the corners', 'the grey in the corners', 0.47),
  },
  nameOf: ({ enlarger, aperture }) => `${enlarger}, f/${aperture}`,
  solve: ({ range, centreDensity, cornerDensity }) => ({
    stops: fallOffFromGrey(defaultPaper, range, centreDensity, cornerDensity),
  }),
  tell: ({ stops }, { centreDensity, cornerDensity, range, aperture }) => ({
    number: stops.toFixed(2),
    unit: 'stop',
    sentence: `Between grey ${centreDensity} and ${cornerDensity} lie ${stops.toFixed(2)} stop of light at R ${range}: the corners want ${stopsInWords(stops)} more.`,
    more: [`Of f/${aperture} only: test again at another one.`],
    cautions: [],
  }),
  changes: ({ stops }, { enlarger, aperture }, { enlargers }: Things) =>
    stops <= 0
      ? []
      : enlargers
          .filter((one) => one === called(enlargers, enlarger))
          .map((kept) => ({
            label: `Write it on ${kept.name} at f/${aperture}`,
            done: `${kept.name} lacks ${stops.toFixed(2)} stop in the corners at f/${aperture}.`,
            shelf: 'enlargers',
            thing: kept,
            name: kept.name,
            body: {
              ...bodyOf(kept),
              fallOffs: [
                ...(kept.fallOffs ?? []).filter((one) => one.aperture !== aperture),
                { aperture, stops: Number(stops.toFixed(3)) },
              ],
            },
          })),
  hangsOn: ['lens', 'lamp', 'head'],
  doubtAfterDays: 1095,
  drift: { amount: 0.05, unit: 'stop' },
  shortCheck: 'One grey sheet: are the corners as light against the middle as they were?',
});
