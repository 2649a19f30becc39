import type { ShelfBodies } from '../../nouns/shelves.ts';
import type { ShelfName } from '../../nouns/shelf-names.ts';

interface Seed<Name extends ShelfName> {
  readonly shelf: Name;
  readonly id: string;
  readonly body: ShelfBodies[Name];
}

const id = (part: number) => `3d9a5e10-0c7b-4f26-a1d4-${String(part).padStart(12, '0')}`;

const tank = (part: number, body: ShelfBodies['tanks']): Seed<'tanks'> => ({
  shelf: 'tanks',
  id: id(part),
  body,
});
const holder = (part: number, body: ShelfBodies['holders']): Seed<'holders'> => ({
  shelf: 'holders',
  id: id(part),
  body,
});

const substance = (part: number, body: ShelfBodies['substances']): Seed<'substances'> => ({
  shelf: 'substances',
  id: id(part),
  body,
});
const vessel = (part: number, body: ShelfBodies['vessels']): Seed<'vessels'> => ({
  shelf: 'vessels',
  id: id(part),
  body,
});

/** The tank that the winter's rolls went through. */
export const demoTank = tank(1, {
  name: 'The two-reel tank',
  motion: 'by-hand',
  reels: [
    { format: 'small-36', mlEach: 300, most: 2 },
    { format: 'medium', mlEach: 500, most: 1 },
  ],
  holdsMl: 620,
  drainSeconds: 12,
});

const testedAt = Date.parse('2026-01-10T18:00:00Z');

/** What stands in the cooperative's darkroom: two tanks, three holders, a fixer, what it is mixed with, a way of doing things. */
export const demoShelves: readonly Seed<ShelfName>[] = [
  demoTank,
  tank(2, {
    name: 'The drum',
    motion: 'rotary',
    reels: [
      { format: 'small-36', mlEach: 70, most: 5 },
      { format: 'medium', mlEach: 120, most: 3 },
      { format: 'four-by-five', mlEach: 40, most: 6 },
    ],
    holdsMl: 600,
    drainSeconds: 8,
    timeConstantSeconds: 900,
  }),
  holder(11, { name: 'F1', format: 'four-by-five', notches: [1] }),
  holder(12, { name: 'F2', format: 'four-by-five', notches: [2] }),
  holder(13, {
    name: 'F3',
    format: 'four-by-five',
    notches: [1, 4],
    note: 'Leaks a little at the left; tape it.',
  }),
  {
    shelf: 'baths',
    id: id(21),
    body: {
      name: 'Fixer of 10 January',
      use: 'fixer',
      dilution: '1+4',
      volumeMl: 2000,
      filmCm2PerLitre: 4644,
      paperCm2PerLitre: 32_000,
      keeping: { fullDays: 180, halfFullDays: 60 },
      mixedAtMs: testedAt - 3_600_000,
      tests: [
        { id: id(22), atMs: testedAt, film: 'Halden 400', clearingSeconds: 52, factor: 2 },
        {
          id: id(23),
          atMs: Date.parse('2026-02-07T17:10:00Z'),
          film: 'Halden 400',
          clearingSeconds: 71,
          factor: 2,
        },
      ],
    },
  },
  {
    shelf: 'baths',
    id: id(24),
    body: {
      name: 'Paper developer of 21 November',
      substanceId: id(83),
      use: 'paper-developer',
      dilution: '1+9',
      mixedAtMs: Date.parse('2026-11-21T18:00:00Z'),
      volumeMl: 1500,
      paperCm2PerLitre: 10_000,
      keeping: { fullDays: 60, halfFullDays: 20 },
      tests: [],
      note: 'Brown glass bottle on the lower shelf. Gloves: it stains.',
    },
  },
  {
    shelf: 'baths',
    id: id(98),
    body: {
      name: 'Colour developer of 20 November',
      use: 'colour-developer',
      mixedAtMs: Date.parse('2026-11-20T18:00:00Z'),
      volumeMl: 1000,
      paperCm2PerLitre: 8000,
      keeping: { fullDays: 42, halfFullDays: 14 },
      tests: [],
      note: 'A bottle with a collapsing side; air kills it.',
    },
  },
  {
    shelf: 'baths',
    id: id(25),
    body: {
      name: 'Stop of 21 November',
      use: 'stop',
      dilution: '1+19',
      mixedAtMs: Date.parse('2026-11-21T18:10:00Z'),
      volumeMl: 1500,
      paperCm2PerLitre: 20_000,
      keeping: { fullDays: 60, halfFullDays: 30 },
      tests: [],
    },
  },
  {
    shelf: 'baths',
    id: id(26),
    body: {
      name: 'Fixer of 21 November',
      substanceId: id(84),
      use: 'fixer',
      dilution: '1+4',
      mixedAtMs: Date.parse('2026-11-21T18:20:00Z'),
      volumeMl: 2000,
      filmCm2PerLitre: 4644,
      paperCm2PerLitre: 32_000,
      keeping: { fullDays: 180, halfFullDays: 60 },
      tests: [],
    },
  },
  {
    shelf: 'baths',
    id: id(27),
    body: {
      name: 'Quillow stock of 16 November',
      substanceId: id(82),
      use: 'film-developer',
      dilution: 'stock',
      mixedAtMs: Date.parse('2026-11-16T17:40:00Z'),
      volumeMl: 1000,
      filmCm2PerLitre: 10_320,
      keeping: { fullDays: 180, halfFullDays: 60 },
      tests: [],
    },
  },
  substance(81, {
    ...{ name: 'Tansy', use: 'film-developer', kind: 'concentrate', parts: [] },
    dilutions: [
      [1, 31],
      [1, 50],
    ],
    keeping: { fullDays: 360, halfFullDays: 120 },
    ...{ minimumMl: 6, sizeMl: 500, price: 14.5, haveMl: 60 },
    haveAtMs: Date.parse('2026-11-21T15:00:00Z'),
    openedAtMs: Date.parse('2026-09-05T15:00:00Z'),
    dataSheet: 'https://ferrow.example/sheets/tansy',
    hazards: 'Stains, and irritates skin and eyes: gloves.',
    handIn: 'thinned, with the cooperative’s waste water, as the town allows it.',
  }),
  substance(82, {
    ...{ name: 'Quillow', use: 'film-developer', kind: 'powder', parts: ['bag A', 'bag B'] },
    dilutions: [[1], [1, 1]],
    workingKeeping: { fullDays: 180, halfFullDays: 60 },
    ...{ filmCm2PerLitre: 10_320, sizeMl: 1000, price: 9, haveMl: 2000 },
    haveAtMs: Date.parse('2026-11-16T19:00:00Z'),
    dataSheet: 'https://ferrow.example/sheets/quillow',
    hazards: 'Dust irritates: mask, glasses and gloves while it is dissolved.',
  }),
  substance(83, {
    ...{ name: 'Quillow paper', use: 'paper-developer', kind: 'concentrate', parts: [] },
    dilutions: [[1, 9]],
    workingKeeping: { fullDays: 60, halfFullDays: 20 },
    ...{ paperCm2PerLitre: 10_000, sizeMl: 1000, price: 18, haveMl: 700 },
    haveAtMs: Date.parse('2026-11-21T19:00:00Z'),
  }),
  substance(84, {
    ...{ name: 'Ferrow fixer', use: 'fixer', kind: 'concentrate', parts: [] },
    dilutions: [
      [1, 4],
      [1, 9],
    ],
    keeping: { fullDays: 360, halfFullDays: 180 },
    workingKeeping: { fullDays: 180, halfFullDays: 60 },
    ...{ filmCm2PerLitre: 4644, paperCm2PerLitre: 32_000 },
    ...{ sizeMl: 1000, price: 12, haveMl: 150 },
    haveAtMs: Date.parse('2026-11-21T19:00:00Z'),
    dataSheet: 'https://ferrow.example/sheets/fixer',
    hazards: 'Irritates eyes and airways: gloves, and air the room.',
    handIn: 'spent, to the collection point behind the furnace hall: it carries silver.',
  }),
  vessel(71, { name: 'Big graduate', holdsMl: 1000, divisionMl: 10 }),
  vessel(72, { name: 'Small graduate', holdsMl: 100, divisionMl: 2 }),
  vessel(73, { name: 'Syringe', holdsMl: 20, divisionMl: 0.5 }),
  {
    shelf: 'procedures',
    id: id(31),
    body: {
      name: 'Water stop, short wash',
      vessel: 'tank',
      steps: [
        { kind: 'developer' },
        { kind: 'water-stop', seconds: 60 },
        { kind: 'fix', seconds: 210 },
        { kind: 'rinse', seconds: 60 },
        { kind: 'washing-aid', seconds: 90 },
        { kind: 'wash', seconds: 300 },
        { kind: 'wetting-agent', seconds: 30 },
      ],
    },
  },
  {
    shelf: 'enlargers',
    id: id(41),
    body: {
      name: 'the tall enlarger',
      source: 'enlarger',
      head: 'diffuser',
      lens: '80 mm',
      apertures: [5.6, 8, 11, 16],
      lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 },
      colourHead: { c: 0.07, m: 0.09, y: 0.02 },
      longestSeconds: 99.9,
      note: 'Column slips a little above 60 cm.',
    },
  },
  {
    shelf: 'enlargers',
    id: id(42),
    body: {
      name: 'the lamp over the bench',
      source: 'bare-lamp',
      head: 'diffuser',
      lens: '',
      apertures: [],
      lamp: { lagSeconds: 0, timerStepSeconds: 1 },
      note: '15 W, for contact prints of the sheets.',
    },
  },
  {
    shelf: 'papers',
    id: id(51),
    body: {
      name: 'Marrow fibre',
      base: 'fibre',
      contrastSetId: 'filters',
      speed: 250,
      dMin: 0.07,
      dMax: 2.1,
      settings: [],
      note: '',
    },
  },
  {
    shelf: 'papers',
    id: id(52),
    body: {
      name: 'Wharf pearl',
      base: 'resin-coated',
      contrastSetId: 'filters',
      speed: 400,
      dMin: 0.059,
      dMax: 2.149,
      settings: [
        { id: '1', range: 129.3, speedStops: 0, rangeWithin: 4.85, speedWithin: 0.04 },
        { id: '2', range: 111.7, speedStops: -0.03, rangeWithin: 5.02, speedWithin: 0.039 },
        { id: '3', range: 89.2, speedStops: -0.131, rangeWithin: 4.98, speedWithin: 0.032 },
        { id: '4', range: 70.7, speedStops: -1.008, rangeWithin: 4.4, speedWithin: 0.028 },
      ],
      layers: { slope: 5.4012, span: 1.6493 },
      note: 'Measured in February with the step tablet.',
    },
  },
  {
    shelf: 'negatives',
    id: id(71),
    body: {
      name: 'R-121 / 31',
      kind: 'frame',
      format: { longMm: 60, shortMm: 60 },
      densities: { highlight: 1.04, shadow: 0.21 },
      note: 'The oven door is a little soft; keep it out of the corner.',
    },
  },
  {
    shelf: 'negatives',
    id: id(72),
    body: {
      name: 'The founders, glass plate',
      kind: 'old-box',
      format: { longMm: 119, shortMm: 89 },
      note: 'Cracked at one corner: carry it flat.',
    },
  },
  {
    shelf: 'findings',
    id: id(61),
    body: {
      name: 'Black through Halden 400 on Wharf pearl',
      kind: 'maximum-black',
      seconds: 7.1,
      setup: {
        enlarger: 'the tall enlarger',
        lens: '80 mm at f/8',
        head: '41.0 cm',
        paper: 'Wharf pearl',
        developer: 'Quillow paper 1+9',
        film: 'Halden 400',
        contrastSetId: 'filters',
        settingId: '2',
      },
      foundAtMs: Date.parse('2026-02-14T16:00:00Z'),
    },
  },
];
