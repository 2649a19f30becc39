import { cornerFallOff, naturalFallOff } from '@katachron/core';
import Type from 'typebox';
import { seconds } from '../../kit/fields.ts';
import { operation } from './operation.ts';

const above = (title: string, maximum: number) =>
  Type.Number({ title, exclusiveMinimum: 0, maximum });

export const cornerFallOffOperation = operation({
  id: 'corner-fall-off',
  summary: 'What evens the corners of a print out, and what its lens alone loses there',
  request: Type.Object(
    {
      baseSeconds: seconds('The main exposure'),
      fallOffStops: Type.Number({ title: 'What the corners lack', minimum: 0, maximum: 6 }),
      lens: Type.Optional(
        Type.Object(
          {
            focalMm: above('The focal length', 2000),
            magnification: above('The magnification', 100),
            radiusMm: above('How far the corner is from the axis', 500),
          },
          { title: 'The lens', additionalProperties: false },
        ),
      ),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    cornersSeconds: Type.Number(),
    wholeSeconds: Type.Number(),
    heldBackSeconds: Type.Number(),
    naturalStops: Type.Optional(Type.Number()),
  }),
  example: {
    request: { baseSeconds: 12, fallOffStops: 1 },
    response: { cornersSeconds: 12, wholeSeconds: 24, heldBackSeconds: 12 },
  },
  run: ({ baseSeconds, fallOffStops, lens }) => ({
    ...cornerFallOff(baseSeconds, fallOffStops),
    ...(lens && { naturalStops: naturalFallOff(lens.focalMm, lens.magnification, lens.radiusMm) }),
  }),
});
