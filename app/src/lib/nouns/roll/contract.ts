import { densities, highlightVerdicts, negativeMarks, shadowVerdicts } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { agitation } from '../agitation/contract.ts';
import {
  ambientC,
  day,
  filmSpeed,
  instantMs,
  oneOf,
  orNull,
  seconds,
  temperatureC,
  text,
  timeConstantSeconds,
  uuid,
  version,
  volumeMl,
} from '../../kit/fields.ts';
import { developedTests } from '../calibration/kinds/index.ts';
import { tags } from '../logbook/contract.ts';
import { FilmThrough } from '../bath/through.ts';
import { ProcessPlan } from '../process/contract.ts';
import { RecipeBody, recipeExample } from '../recipe/contract.ts';
import { FilmLoad, filmFormatId } from '../tank/contract.ts';

const closed = { additionalProperties: false };

/** What is known of a film when it comes out of the camera. */
export const Exposed = Type.Object(
  {
    film: text('The film', 80, 1),
    boxSpeed: filmSpeed('The box speed'),
    format: filmFormatId,
    camera: text('The camera', 80),
    subject: text('The subject', 200),
    exposedOn: day('The day'),
    frames: Type.Array(
      Type.Object(
        {
          /** Its number on the roll, or the code of the holder and its side. */
          mark: text('The frame', 20, 1),
          subject: text('What is on it', 120),
        },
        { title: 'A frame', ...closed },
      ),
      { title: 'The frames', maxItems: 72 },
    ),
    /** The test of Calibrate that it was exposed for. */
    test: Type.Optional(oneOf(developedTests, 'The test that it was exposed for')),
  },
  { title: 'The exposed film', ...closed },
);
export type Exposed = Static<typeof Exposed>;

/** What of a development differs from its recipe. */
export const DevelopmentChoices = Type.Object(
  {
    agitation: Type.Optional(agitation),
    rollsBefore: Type.Optional(
      Type.Number({ title: 'The rolls developed before', minimum: 0, maximum: 1000 }),
    ),
    developerMl: Type.Optional(volumeMl('How much developer there is')),
    n: Type.Optional(Type.Integer({ title: 'N', minimum: -5, maximum: 5 })),
  },
  { title: 'The choices', ...closed },
);
export type DevelopmentChoices = Static<typeof DevelopmentChoices>;

/** What the negatives look like. */
export const Judgement = Type.Object(
  {
    atMs: instantMs('When it was judged'),
    density: oneOf(densities, 'The density'),
    shadows: oneOf(shadowVerdicts, 'The shadows'),
    highlights: oneOf(highlightVerdicts, 'The highlights'),
    marks: Type.Array(
      oneOf(
        negativeMarks.map(({ id }) => id),
        'A mark',
      ),
      { title: 'The marks', maxItems: negativeMarks.length, uniqueItems: true },
    ),
    /** What to change next time, in one's own words. */
    change: text('What to change', 500),
  },
  { title: 'The judgement', ...closed },
);
export type Judgement = Static<typeof Judgement>;

const fields = {
  title: text('The name of the roll', 120, 1),
  exposureIndex: filmSpeed('The exposure index'),
  madeAtMs: instantMs('When it was written down'),
  exposed: Type.Optional(Exposed),
  recipe: Type.Optional(RecipeBody),
  temperatureC: Type.Optional(temperatureC('The temperature of the developer')),
  developmentSeconds: Type.Optional(seconds('The development time')),
  choices: Type.Optional(DevelopmentChoices),
  volumeMl: Type.Optional(volumeMl('The volume')),
  tank: Type.Optional(
    Type.Object(
      {
        id: uuid('The tank’s id'),
        name: text('The name of the tank', 80, 1),
        load: Type.Array(FilmLoad, { title: 'The films in it', maxItems: 12 }),
      },
      { title: 'The tank', ...closed },
    ),
  ),
  /** How the tank drifts, where that is followed. */
  drift: Type.Optional(
    Type.Object({ ambientC, timeConstantSeconds }, { title: 'The drift', ...closed }),
  ),
  plan: Type.Optional(ProcessPlan),
  baths: Type.Optional(FilmThrough),
  judgement: Type.Optional(Judgement),
  proofedAtMs: Type.Optional(instantMs('When it was proofed')),
  tags: Type.Optional(tags),
};

/** A roll is exposed first; with a plan it goes to the sink, and then it has all that the plan rests on. */
const whole = {
  ...closed,
  if: { required: ['plan'] },
  then: { required: ['recipe', 'temperatureC', 'developmentSeconds'] },
  else: { required: ['exposed'] },
};

/** A roll: what it is, and from the sink on the recipe as it was that day, and the plan. */
export const RollBody = Type.Object(fields, { title: 'A roll', ...whole });
export type RollBody = Static<typeof RollBody>;

export const rollStates = [
  'exposed',
  'planned',
  'developing',
  /** Ended before it reached a fixer. */
  'stopped',
  'developed',
  'proofed',
] as const;

/** A roll as it is kept; its state follows from its body and its events. */
export const Roll = Type.Object(
  {
    id: uuid('The id'),
    version,
    state: oneOf(rollStates, 'The state'),
    startedAtMs: orNull<number>(instantMs('When the first bath went in')),
    finishedAtMs: orNull<number>(instantMs('When it was finished')),
    ...fields,
  },
  { title: 'A roll', ...whole },
);
export type Roll = Static<typeof Roll>;

export type Planned<Body extends RollBody> = Body &
  Required<Pick<RollBody, 'recipe' | 'temperatureC' | 'developmentSeconds' | 'plan'>>;

/** A roll that is in the sink, or was. */
export type PlannedRoll = Planned<Roll>;
export type PlannedRollBody = Planned<RollBody>;

export const rollExample: PlannedRollBody = {
  title: 'Roll R-118, furnace hall in January',
  recipe: recipeExample,
  exposureIndex: 400,
  temperatureC: 20.6,
  developmentSeconds: 537.8,
  volumeMl: 600,
  plan: {
    steps: [
      { id: 'developer', kind: 'developer', seconds: 537.8, agitation: 'each-minute' },
      { id: 'stop', kind: 'stop', seconds: 30, agitation: 'continuous' },
      { id: 'fix', kind: 'fix', seconds: 210, agitation: 'each-minute' },
    ],
    drainSeconds: 10,
    clockStart: 'pouring-begins',
  },
  madeAtMs: 1_768_500_000_000,
};
