import Type, { type Static } from 'typebox';
import {
  ambientC,
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
} from './fields.ts';
import { ProcessPlan } from './process.ts';
import { RecipeBody, recipeExample } from './recipe.ts';

/** A roll as it goes to the sink: what it is, the recipe as it was that day, and the plan. */
export const RollBody = Type.Object(
  {
    title: text('The name of the roll', 120, 1),
    recipe: RecipeBody,
    exposureIndex: filmSpeed('The exposure index'),
    temperatureC: temperatureC('The temperature of the developer'),
    developmentSeconds: seconds('The development time'),
    volumeMl: Type.Optional(volumeMl('The volume')),
    /** How the tank drifts, where that is followed. */
    drift: Type.Optional(
      Type.Object(
        { ambientC, timeConstantSeconds },
        { title: 'The drift', additionalProperties: false },
      ),
    ),
    plan: ProcessPlan,
    madeAtMs: instantMs('When the plan was made'),
  },
  { title: 'A roll', additionalProperties: false },
);
export type RollBody = Static<typeof RollBody>;

export const rollStates = ['planned', 'developing', 'developed'] as const;

/** A roll as it is kept; its state follows from its events. */
export const Roll = Type.Object(
  {
    id: uuid('The id'),
    version,
    state: oneOf(rollStates, 'The state'),
    startedAtMs: orNull<number>(instantMs('When the first bath went in')),
    finishedAtMs: orNull<number>(instantMs('When it was finished')),
    ...RollBody.properties,
  },
  { title: 'A roll', additionalProperties: false },
);
export type Roll = Static<typeof Roll>;

export const rollExample: RollBody = {
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
