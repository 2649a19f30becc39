import type { CalibrationBody } from '../../nouns/calibration/contract.ts';
import type { ComparisonBody } from '../../nouns/comparison/contract.ts';

const id = (part: number) => `3d9a5e10-0c7b-4f26-a1d4-${String(part).padStart(12, '0')}`;
const day = (date: string) => Date.parse(`${date}T19:30:00Z`);

/** Halden 100 through the tablet, developed for three times. */
const halden = [
  {
    seconds: 330,
    baseFog: 0.26,
    values: [
      1.52, 1.44, 1.37, 1.3, 1.22, 1.15, 1.07, 1, 0.92, 0.85, 0.77, 0.7, 0.62, 0.55, 0.48, 0.41,
      0.35, 0.31, 0.29, 0.27, 0.26,
    ],
  },
  {
    seconds: 480,
    baseFog: 0.27,
    values: [
      1.88, 1.79, 1.7, 1.6, 1.51, 1.42, 1.32, 1.23, 1.13, 1.04, 0.94, 0.85, 0.76, 0.66, 0.57, 0.49,
      0.41, 0.35, 0.31, 0.29, 0.28,
    ],
  },
  {
    seconds: 690,
    baseFog: 0.3,
    values: [
      2.28, 2.17, 2.06, 1.95, 1.84, 1.73, 1.61, 1.5, 1.39, 1.27, 1.15, 1.04, 0.92, 0.81, 0.7, 0.59,
      0.5, 0.42, 0.36, 0.33, 0.31,
    ],
  },
];

/** Wharf pearl under four filters, the hardest for twice the time. */
const wharf = [
  {
    setting: '1',
    seconds: 11,
    values: [
      2.15, 2.16, 2.14, 2.15, 2.06, 1.82, 1.51, 1.21, 0.96, 0.76, 0.57, 0.37, 0.22, 0.1, 0.07, 0.06,
      0.07, 0.06, 0.06, 0.06, 0.06,
    ],
  },
  {
    setting: '2',
    seconds: 11,
    values: [
      2.14, 2.13, 2.14, 2.14, 2.14, 2.05, 1.77, 1.37, 1.04, 0.76, 0.54, 0.36, 0.18, 0.09, 0.06,
      0.06, 0.05, 0.06, 0.06, 0.07, 0.06,
    ],
  },
  {
    setting: '3',
    seconds: 11,
    values: [
      2.14, 2.14, 2.15, 2.15, 2.16, 2.12, 2.02, 1.65, 1.13, 0.73, 0.46, 0.25, 0.1, 0.08, 0.07, 0.06,
      0.05, 0.05, 0.06, 0.07, 0.05,
    ],
  },
  {
    setting: '4',
    seconds: 22,
    values: [
      2.13, 2.15, 2.16, 2.15, 2.16, 2.14, 2.12, 1.97, 1.49, 0.89, 0.46, 0.21, 0.08, 0.06, 0.06,
      0.06, 0.05, 0.07, 0.07, 0.06, 0.07,
    ],
  },
];

/** What the cooperative tested over the winter, on the evenings between the furnace shifts. */
export const demoCalibrations: readonly { readonly id: string; readonly body: CalibrationBody }[] =
  [
    {
      id: id(81),
      body: {
        name: 'Halden 100',
        kind: 'film-densities',
        foundAtMs: day('2026-01-22'),
        given: {
          ...{
            film: 'Halden 100',
            exposedAt: 100,
            stepCount: '21',
            tabletStep: '0.15',
            oddReading: 'left-out',
          },
          ...{ developer: 'Tansy', dilution: '1+31', temperatureC: 20, agitation: 'each-minute' },
          developments: halden,
        },
        wrote: [],
      },
    },
    {
      id: id(82),
      body: {
        name: 'Wharf pearl',
        kind: 'paper-tablet',
        foundAtMs: day('2026-02-12'),
        given: {
          ...{ paper: 'Wharf pearl', contrastSetId: 'filters', prints: wharf },
          ...{ stepCount: '21', tabletStep: '0.15', oddReading: 'left-out' },
        },
        wrote: [{ shelf: 'papers', id: id(52), name: 'Wharf pearl' }],
      },
    },
    {
      id: id(83),
      body: {
        name: 'the tank thermometer',
        kind: 'thermometer',
        foundAtMs: day('2026-01-15'),
        given: {
          name: 'the tank thermometer',
          pairs: [
            { readingC: 15.3, trueC: 15 },
            { readingC: 20.5, trueC: 20 },
            { readingC: 24.4, trueC: 24 },
            { readingC: 38.9, trueC: 38 },
          ],
        },
        wrote: [],
      },
    },
    {
      id: id(84),
      body: {
        name: 'red lamp over the sink',
        kind: 'safelight',
        foundAtMs: day('2026-01-16'),
        given: {
          lamp: 'red lamp over the sink',
          coins: [60, 120, 240, 480, 960].map((seconds) => ({ seconds, shown: seconds >= 480 })),
          testedMetres: 1.1,
        },
        wrote: [],
      },
    },
    {
      id: id(85),
      body: {
        name: 'the tall enlarger',
        kind: 'lamp-lag',
        foundAtMs: day('2026-02-05'),
        given: { enlarger: 'the tall enlarger', firings: 20, eachSeconds: 1, singleSeconds: 16.2 },
        wrote: [],
      },
    },
    {
      id: id(86),
      body: {
        name: 'Sallow Ortho 25',
        kind: 'reciprocity',
        foundAtMs: day('2026-02-19'),
        given: {
          film: 'Sallow Ortho 25',
          from: 'tests',
          points: [
            { meteredSeconds: 8, neededSeconds: 16 },
            { meteredSeconds: 60, neededSeconds: 240 },
          ],
          meteredSeconds: 30,
        },
        wrote: [],
      },
    },
    {
      id: id(87),
      body: {
        name: 'Orrel 200',
        kind: 'film-speed-eye',
        foundAtMs: day('2026-02-26'),
        given: {
          ...{ film: 'Orrel 200', exposedAt: 200, lastStep: 18 },
          ...{ stepCount: '21', tabletStep: '0.15' },
          ...{ developedSeconds: 540, printSteps: 12, paperRange: 108 },
        },
        wrote: [],
      },
    },
  ];

/** One question that was answered, and one whose second sample is still to be made. */
export const demoComparisons: readonly { readonly id: string; readonly body: ComparisonBody }[] = [
  {
    id: id(91),
    body: {
      name: 'Does the paper developer 1+9 part the oven’s glow better than 1+14?',
      changed: { what: 'Dilution', a: '1+9', b: '1+14' },
      conditions: [
        { what: 'Negative', a: 'R-118 / 14', b: 'R-118 / 14' },
        { what: 'Paper and its box', a: 'Wharf pearl, box 3', b: 'Wharf pearl, box 3' },
        { what: 'Temperature and time', a: '20 °C, 1:30', b: '20 °C, 1:30' },
        { what: 'Exposure and setting', a: '12.6 s, filter 2½', b: '13.0 s, filter 2½' },
        { what: 'Light it is looked at in', a: 'north window', b: 'north window' },
      ],
      asked: 'Which has more steps in the oven’s glow?',
      expected: 'a',
      startedAtMs: day('2026-02-20'),
      key: ['left', 'right', 'right', 'left', 'left', 'right', 'left', 'right'],
      answers: ['left', 'right', 'right', 'left', 'right', 'right', 'left', 'right'],
      note: 'Seen in the brightest third only; the shadows are alike.',
    },
  },
  {
    id: id(92),
    body: {
      name: 'Is Marrow fibre blacker in fresh developer?',
      changed: { what: 'Developer', a: 'mixed today', b: 'a week in the tray bottle' },
      conditions: [
        { what: 'Negative', a: 'R-118 / 20', b: 'R-118 / 20' },
        { what: 'Paper and its box', a: 'Marrow fibre, box 1', b: '' },
        { what: 'Temperature and time', a: '20 °C, 2:30', b: '21 °C, 2:30' },
      ],
      asked: 'Which has the deeper black under the bench?',
      expected: 'a',
      startedAtMs: day('2026-02-27'),
      ...{ key: [], answers: [], note: '' },
    },
  },
];
