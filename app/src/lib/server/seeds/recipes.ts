import type { RecipeBody } from '../../nouns/recipe/contract.ts';

interface Seed<Body> {
  readonly id: string;
  readonly body: Body;
}

/** Minutes and seconds, as a data sheet prints them, in seconds. */
const time = (minutes: number, seconds = 0) => minutes * 60 + seconds;

const halden400: RecipeBody = {
  film: 'Halden 400',
  boxSpeed: 400,
  developer: 'Tansy',
  dilution: [1, 31],
  exposureIndex: 400,
  agitation: 'each-minute',
  points: [
    { temperatureC: 18, seconds: time(11, 30) },
    { temperatureC: 20, seconds: time(9, 30) },
    { temperatureC: 22, seconds: time(7, 50) },
    { temperatureC: 24, seconds: time(6, 30) },
  ],
  minimumMl: 10,
  contrast: [
    { n: -1, percent: -20 },
    { n: 1, percent: 30 },
  ],
  source: 'data-sheet',
};

/** Invented films in invented developers, with one temperature and with several. */
export const demoRecipes: readonly Seed<RecipeBody>[] = [
  { id: '5a0f2c1e-7a51-4c0e-9b6e-0d1f7c3b9a01', body: halden400 },
  {
    id: '5a0f2c1e-7a51-4c0e-9b6e-0d1f7c3b9a02',
    body: {
      ...halden400,
      exposureIndex: 1600,
      points: [
        { temperatureC: 20, seconds: time(17) },
        { temperatureC: 22, seconds: time(14) },
        { temperatureC: 24, seconds: time(11, 30) },
      ],
      note: 'For the night shift. Shadows stay empty.',
    },
  },
  {
    id: '5a0f2c1e-7a51-4c0e-9b6e-0d1f7c3b9a03',
    body: {
      ...halden400,
      developer: 'Quillow',
      dilution: [1],
      points: [{ temperatureC: 20, seconds: time(9) }],
      reuse: { kind: 'batch', rolls: 5, percent: 12 },
      minimumMl: 100,
      source: 'own-test',
    },
  },
  {
    id: '5a0f2c1e-7a51-4c0e-9b6e-0d1f7c3b9a04',
    body: {
      ...halden400,
      film: 'Halden 100',
      boxSpeed: 100,
      exposureIndex: 100,
      points: [
        { temperatureC: 18, seconds: time(8, 40) },
        { temperatureC: 20, seconds: time(7, 15) },
        { temperatureC: 22, seconds: time(6) },
        { temperatureC: 24, seconds: time(5) },
      ],
    },
  },
  {
    id: '5a0f2c1e-7a51-4c0e-9b6e-0d1f7c3b9a05',
    body: {
      film: 'Sallow Ortho 25',
      boxSpeed: 25,
      developer: 'Quillow',
      dilution: [1, 3],
      exposureIndex: 25,
      agitation: 'each-half-minute',
      points: [{ temperatureC: 20, seconds: time(11) }],
      activationEnergy: 71_000,
      source: 'own-test',
      note: 'Two tests in January, window light.',
    },
  },
  {
    id: '5a0f2c1e-7a51-4c0e-9b6e-0d1f7c3b9a06',
    body: {
      ...halden400,
      developer: 'Madder',
      dilution: [1, 100],
      agitation: 'semi-stand',
      points: [{ temperatureC: 20, seconds: time(60) }],
      minimumMl: 5,
      source: 'guess',
    },
  },
  {
    id: '5a0f2c1e-7a51-4c0e-9b6e-0d1f7c3b9a07',
    body: {
      film: 'Orrel 200',
      boxSpeed: 200,
      developer: 'Bramble two-bath',
      dilution: [1],
      exposureIndex: 160,
      agitation: {
        name: 'two slow turns every 90 s',
        initialSeconds: 20,
        everySeconds: 90,
        burstSeconds: 6,
        turns: 2,
        continuous: false,
      },
      points: [{ temperatureC: 20, seconds: time(5) }],
      reuse: { kind: 'replenish', mlPerRoll: 30 },
      secondBath: { seconds: time(4), agitation: 'rest' },
      source: 'own-test',
      note: 'For the furnace doors: the second bath holds the glow.',
    },
  },
];
