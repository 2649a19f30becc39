import { planEvening, roomLights, sharedThings } from '@katachron/core';
import Type from 'typebox';
import { oneOf } from '../../kit/fields.ts';
import { operation } from './operation.ts';

const closed = { additionalProperties: false };
const DAY = 86_400;
const name = (title: string) => Type.String({ title, minLength: 1, maxLength: 80 });
const duration = (title: string) =>
  Type.Number({ title, minimum: 0, maximum: DAY, description: 's' });
const instant = (title: string) =>
  Type.Number({ title, minimum: -DAY, maximum: DAY, description: 's from now' });
const shared = oneOf(
  sharedThings.map(({ id }) => id),
  'What it needs',
);
const amount = (title: string) => Type.Optional(Type.Integer({ title, minimum: 1, maximum: 40 }));

const Step = Type.Object(
  {
    id: name('The id of a step'),
    seconds: duration('How long it takes'),
    needs: Type.Array(shared, { title: 'What it needs', maxItems: 6, uniqueItems: true }),
    light: Type.Optional(
      oneOf(
        roomLights.map(({ id }) => id),
        'The light of the room',
      ),
    ),
    longestWaitSeconds: Type.Optional(duration('How long the next step may wait')),
    outlasts: Type.Optional(Type.Boolean({ title: 'It goes on when everybody has left' })),
  },
  { title: 'A step', ...closed },
);

const Task = Type.Object(
  {
    id: name('The id of a task'),
    steps: Type.Array(Step, { title: 'The steps', minItems: 1, maxItems: 60 }),
    fromSeconds: Type.Optional(instant('Not before')),
    after: Type.Optional(name('The task that comes before it')),
    begunSeconds: Type.Optional(
      Type.Array(instant('When a step began'), { title: 'What has begun', maxItems: 60 }),
    ),
  },
  { title: 'A task', ...closed },
);

export const eveningOperation = operation({
  id: 'evening',
  summary:
    'An evening’s work in the order in which it ends soonest: what is shared is needed once at a time, no step waits longer than it may, fixed points are kept',
  request: Type.Object(
    {
      tasks: Type.Array(Task, { title: 'The tasks', maxItems: 60 }),
      amounts: Type.Optional(
        Type.Object(
          Object.fromEntries(sharedThings.map(({ id, name: thing }) => [id, amount(thing)])),
          { title: 'How many there are', ...closed },
        ),
      ),
      fixed: Type.Optional(
        Type.Array(
          Type.Object(
            { fromSeconds: instant('When it begins'), seconds: duration('How long it takes') },
            { title: 'A fixed point', ...closed },
          ),
          { title: 'The fixed points', maxItems: 20 },
        ),
      ),
      untilSeconds: Type.Optional(instant('When all is to be over')),
      order: Type.Optional(
        Type.Array(name('A task'), { title: 'The order that is wanted', maxItems: 60 }),
      ),
    },
    { title: 'The question', ...closed },
  ),
  response: Type.Object({
    steps: Type.Array(
      Type.Object({
        taskId: Type.String(),
        stepId: Type.String(),
        fromSeconds: Type.Number({ description: 's from now' }),
        toSeconds: Type.Number({ description: 's from now' }),
      }),
    ),
    endSeconds: Type.Number({ description: 's from now; drying aside' }),
    idle: Type.Array(Type.Object({ fromSeconds: Type.Number(), toSeconds: Type.Number() }), {
      description: 'when hands are free',
    }),
    left: Type.Array(Type.String({ description: 'a task that does not fit' })),
    order: Type.Array(Type.String()),
  }),
  example: {
    request: {
      tasks: [
        {
          id: 'roll',
          steps: [
            { id: 'develop', seconds: 600, needs: ['hands', 'tank'], longestWaitSeconds: 0 },
            { id: 'wash', seconds: 1200, needs: ['washer'] },
          ],
        },
        {
          id: 'strip',
          steps: [{ id: 'fire', seconds: 300, needs: ['hands', 'enlarger'], light: 'red' }],
        },
      ],
    },
    response: {
      steps: [
        { taskId: 'roll', stepId: 'develop', fromSeconds: 0, toSeconds: 600 },
        { taskId: 'strip', stepId: 'fire', fromSeconds: 600, toSeconds: 900 },
        { taskId: 'roll', stepId: 'wash', fromSeconds: 600, toSeconds: 1800 },
      ],
      endSeconds: 1800,
      idle: [{ fromSeconds: 900, toSeconds: 1800 }],
      left: [],
      order: ['roll', 'strip'],
    },
  },
  run: (question) => {
    const plan = planEvening(question);
    return {
      steps: plan.steps.map((step) => ({ ...step })),
      endSeconds: plan.endSeconds,
      idle: plan.idle.map((one) => ({ ...one })),
      left: [...plan.left],
      order: [...plan.order],
    };
  },
});
