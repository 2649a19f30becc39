import type { ProofBody } from '../../nouns/proof/contract.ts';
import { proofPicture } from './pictures.ts';
import { development, filmPlan, usualFilmKinds } from '@katachron/core';
import type { ProcessEvent } from '../../nouns/process/contract.ts';
import type { Exposed, Judgement, RollBody } from '../../nouns/roll/contract.ts';
import { demoRecipes } from './recipes.ts';
import { demoTank } from './shelves.ts';

interface RollSeed {
  readonly id: string;
  readonly body: RollBody;
  readonly events: readonly ProcessEvent[];
}

interface Developed {
  readonly number: number;
  readonly title: string;
  readonly recipe: number;
  readonly exposureIndex: number;
  readonly temperatureC: number;
  readonly at: string;
  /** How long each bath ran over before the next was in, s. */
  readonly late: readonly number[];
  readonly readings: readonly number[];
  readonly notes: readonly string[];
  /** The room it was developed in, where the drift was followed, °C. */
  readonly roomC?: number;
  readonly judgement?: Omit<Judgement, 'atMs'>;
}

/** Rolls of one winter at the glassblowers' cooperative in Ferrow. */
const winter: readonly Developed[] = [
  {
    number: 112,
    title: 'R-112, yard in the first snow',
    recipe: 3,
    exposureIndex: 100,
    temperatureC: 20,
    at: '2025-12-06T19:10:00Z',
    late: [4, 2, 6, 3, 0, 5],
    readings: [20, 19.8],
    notes: ['Drying marks on two frames: fresh wetting agent next time.'],
    judgement: {
      density: 'good',
      shadows: 'open',
      highlights: 'printable',
      marks: ['drying-marks'],
      change: 'Fresh wetting agent.',
    },
  },
  {
    number: 115,
    title: 'R-115, night shift at the glory hole',
    recipe: 1,
    exposureIndex: 1600,
    temperatureC: 20.4,
    at: '2026-01-11T21:02:00Z',
    late: [5, 3, 2, 8, 0, 4],
    readings: [20.4, 20.1],
    notes: ['Shadows empty as expected; faces print.'],
    judgement: {
      density: 'thin',
      shadows: 'empty',
      highlights: 'printable',
      marks: [],
      change: 'A stop more light by the door.',
    },
  },
  {
    number: 118,
    title: 'R-118, furnace hall in January',
    recipe: 0,
    exposureIndex: 400,
    temperatureC: 20.6,
    at: '2026-01-24T18:40:00Z',
    late: [3, 6, 1, 4, 0, 3],
    readings: [20.6, 20.1],
    roomC: 17,
    notes: ['One turn missed at the fourth minute.', 'Even, highlights printable.'],
    judgement: {
      density: 'good',
      shadows: 'open',
      highlights: 'printable',
      marks: ['bubbles'],
      change: 'Tap after every turn.',
    },
  },
  {
    number: 121,
    title: 'R-121, Ilse gathering, and the blowpipes by the door',
    recipe: 2,
    exposureIndex: 320,
    temperatureC: 21.2,
    at: '2026-02-07T17:25:00Z',
    late: [2, 2, 3, 2, 0, 2],
    readings: [21.2],
    notes: [],
  },
];

/** Ids that are the same at every loading, so that nothing doubles. */
const idOf = (roll: number, part: number) =>
  `7c1d4b60-52e8-4f3a-8${String(roll).padStart(3, '0')}-${String(part).padStart(12, '0')}`;

/** The proof of R-118, photographed, with what was seen in it. */
export const demoProof = {
  id: idOf(118, 0),
  body: {
    name: 'R-118, furnace hall in January',
    frames: [
      { number: 14, rating: 'pick', crop: 'all of it' },
      { number: 20, rating: 'maybe', errorStops: -0.5 },
      { number: 21, rating: 'no' },
    ],
    picture: proofPicture,
  } satisfies ProofBody,
};

function seed(roll: Developed): RollSeed {
  const recipe = demoRecipes[roll.recipe]!.body;
  const { seconds } = development(recipe, roll.temperatureC, roll.exposureIndex);
  const plan = filmPlan({
    developmentSeconds: Math.round(seconds),
    agitation: recipe.agitation,
    kinds: usualFilmKinds,
    seconds: { fix: 210, wash: 360 },
    drainSeconds: 10,
    clockStart: 'pouring-begins',
  });
  let atMs = Date.parse(roll.at);
  let part = 0;
  const id = () => idOf(roll.number, (part += 1));
  const events: ProcessEvent[] = [];
  plan.steps.forEach((step, index) => {
    events.push({ id: id(), atMs, kind: 'poured-in', stepId: step.id });
    if (step.kind === 'developer') {
      roll.readings.forEach((temperatureC, reading) => {
        const later = atMs + 20_000 + reading * 200_000;
        events.push({ id: id(), atMs: later, kind: 'temperature', temperatureC });
      });
    }
    atMs += (step.seconds + (roll.late[index] ?? 0)) * 1000;
  });
  events.push({ id: id(), atMs, kind: 'finished' });
  roll.notes.forEach((text, index) => {
    events.push({ id: id(), atMs: atMs + (index + 1) * 60_000, kind: 'note', text });
  });
  return {
    id: idOf(roll.number, 0),
    body: {
      title: roll.title,
      recipe,
      exposureIndex: roll.exposureIndex,
      temperatureC: roll.temperatureC,
      developmentSeconds: Math.round(seconds),
      volumeMl: 600,
      tank: {
        id: demoTank.id,
        name: demoTank.body.name,
        load: [{ format: 'small-36', count: 2 }],
      },
      ...(roll.roomC !== undefined && {
        drift: { ambientC: roll.roomC, timeConstantSeconds: 1800 },
      }),
      ...(roll.judgement && {
        judgement: { ...roll.judgement, atMs: Date.parse(roll.at) + 86_400_000 },
      }),
      plan: { ...plan, steps: [...plan.steps] },
      madeAtMs: Date.parse(roll.at) - 240_000,
    },
    events,
  };
}

export const demoRolls: readonly RollSeed[] = winter.map(seed);

interface ExposedSeed {
  readonly number: number;
  readonly title: string;
  readonly exposureIndex: number;
  readonly exposed: Exposed;
}

/** Rolls that still wait for the sink. */
const waiting: readonly ExposedSeed[] = [
  {
    number: 123,
    title: 'R-123, the night pour',
    exposureIndex: 1600,
    exposed: {
      film: 'Halden 400',
      boxSpeed: 400,
      format: 'small-36',
      camera: 'the small black one',
      subject: 'Furnace hall from the gallery, only the glory hole for light',
      exposedOn: '2026-02-14',
      frames: [
        { mark: '7', subject: 'Ilse and the long pipe' },
        { mark: '22', subject: 'sparks, a second' },
      ],
    },
  },
  {
    number: 124,
    title: 'Sheets of 20 February, cooling racks',
    exposureIndex: 160,
    exposed: {
      film: 'Orrel 200',
      boxSpeed: 200,
      format: 'four-by-five',
      camera: 'the field camera',
      subject: 'Bowls on the cooling racks, north window',
      exposedOn: '2026-02-20',
      frames: [
        { mark: 'F1/a', subject: 'three bowls' },
        { mark: 'F3/b', subject: 'the same, a stop more' },
      ],
    },
  },
];

export const demoExposed = waiting.map(({ number, exposed, ...roll }) => ({
  id: idOf(number, 0),
  body: { ...roll, exposed, madeAtMs: Date.parse(`${exposed.exposedOn}T20:00:00Z`) },
}));
