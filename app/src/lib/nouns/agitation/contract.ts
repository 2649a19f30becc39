import { LEAST_EVERY_SECONDS, agitationSchemes, type Agitation } from '@katachron/core';
import Type from 'typebox';
import { count, oneOf, text } from '../../kit/fields.ts';

const seconds = (title: string) =>
  Type.Number({ title, minimum: 0, maximum: 7200, description: 's' });

const EVERY = 'The time from one turn to the next';

/** A scheme of one's own, kept whole where it is used, so that a record stays true whatever is changed later. */
export const OwnScheme = Type.Object(
  {
    name: text('The name of the agitation', 80, 1),
    initialSeconds: seconds('The first agitation'),
    everySeconds: {
      ...seconds(EVERY),
      // 0 says that there is none; anything else has to leave the hands time for it.
      if: { type: 'number', exclusiveMinimum: 0 },
      then: { type: 'number', title: EVERY, minimum: LEAST_EVERY_SECONDS },
    },
    burstSeconds: seconds('The length of a turn'),
    turns: count('The turns', 60),
    continuous: Type.Boolean({ title: 'Whether it is moved all the time' }),
  },
  { title: 'An agitation of one’s own', additionalProperties: false },
);

/** One of the known schemes by its id, or an own one. Not a union, so that a wrong id gets one sentence instead of ten. */
export const agitation = Type.Unsafe<Agitation>({
  title: 'The agitation',
  if: { type: 'string' },
  then: oneOf(
    agitationSchemes.map(({ id }) => id),
    'The agitation',
  ),
  else: OwnScheme,
});
