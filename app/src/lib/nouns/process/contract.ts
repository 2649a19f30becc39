import {
  benchStepKinds,
  drumStepKinds,
  filmStepKinds,
  printStepKinds,
  type Afterwards,
  type ClockStart,
  type ProcessEvent as CoreEvent,
  type Vessel,
} from '@katachron/core';
import Type, { type TProperties } from 'typebox';
import { agitation } from '../agitation/contract.ts';
import { instantMs, oneOf, seconds, temperatureC, text, uuid } from '../../kit/fields.ts';

export const clockStarts: readonly ClockStart[] = ['pouring-begins', 'pouring-ends'];

const afterwardsOfABath: readonly Afterwards[] = ['keep', 'pour away'];
export const afterwards = oneOf(afterwardsOfABath, 'What becomes of the bath');

export const vessels: readonly Vessel[] = ['tank', 'trays'];
export const vessel = oneOf(vessels, 'What the film lies in');

export const stepKindId = oneOf(
  [...filmStepKinds, ...printStepKinds, ...drumStepKinds, ...benchStepKinds].map(({ id }) => id),
  'The kind of step',
);

export const ProcessPlan = Type.Object(
  {
    steps: Type.Array(
      Type.Object(
        {
          id: text('The step’s id', 40, 1),
          kind: stepKindId,
          seconds: seconds('The time of the step'),
          agitation,
          afterwards: Type.Optional(afterwards),
        },
        { title: 'A step', additionalProperties: false },
      ),
      { title: 'The steps', minItems: 1, maxItems: 30, uniqueItemProperties: ['id'] },
    ),
    drainSeconds: Type.Number({ title: 'The drain time', minimum: 0, maximum: 120 }),
    clockStart: oneOf(clockStarts, 'When the clock starts'),
    vessel: Type.Optional(vessel),
  },
  { title: 'A plan', additionalProperties: false },
);

const base = { id: uuid('The event’s id'), atMs: instantMs('The instant') };
const stepId = text('The step’s id', 40, 1);
const kinds: { [Kind in CoreEvent['kind']]: TProperties } = {
  'poured-in': { stepId },
  'poured-earlier': { stepId, seconds: seconds('How long ago it was poured') },
  retimed: {
    stepId,
    seconds: seconds('The time from now on'),
    because: Type.Optional(
      oneOf(['temperature', 'extra', 'first-tone'], 'Why it has another time'),
    ),
  },
  skipped: { stepId },
  temperature: {
    temperatureC: temperatureC(),
    stepId: Type.Optional(stepId),
    by: Type.Optional(text('The thermometer', 160, 1)),
  },
  note: { text: text('The note', 1000, 1) },
  finished: {},
  undone: { eventId: uuid('The event taken back') },
};
const event = (kind: CoreEvent['kind']) =>
  Type.Object(
    { ...base, kind: Type.Literal(kind), ...kinds[kind] },
    { title: 'An event', additionalProperties: false },
  );

/** Told apart by `kind`, so that a wrong field is answered for that kind and not for all of them. */
const eventSchemas = (Object.keys(kinds) as CoreEvent['kind'][]).map(event);

export const ProcessEvent = Type.Unsafe<CoreEvent>({
  type: 'object',
  title: 'An event',
  required: ['kind'],
  properties: { kind: { type: 'string' } },
  discriminator: { propertyName: 'kind' },
  oneOf: eventSchemas,
});
export type ProcessEvent = CoreEvent;
