import { filmFormats, type TankMotion } from '@katachron/core';
import Type, { type Static } from 'typebox';
import {
  count,
  oneOf,
  text,
  timeConstantSeconds,
  uuid,
  version,
  volumeMl,
} from '../../kit/fields.ts';

const motions: readonly TankMotion[] = ['by-hand', 'rotary'];

export const filmFormatId = oneOf(
  filmFormats.map(({ id }) => id),
  'The film format',
);

/** Films of one format that go through together. */
export const FilmLoad = Type.Object(
  { format: filmFormatId, count: count('How many', 100) },
  { title: 'Films of a format', additionalProperties: false },
);

export const TankBody = Type.Object(
  {
    name: text('The name of the tank', 80, 1),
    motion: oneOf(motions, 'How it is moved'),
    reels: Type.Array(
      Type.Object(
        {
          format: filmFormatId,
          mlEach: volumeMl('The volume for each'),
          most: count('The most it holds', 40, 1),
        },
        { title: 'Reels of a format', additionalProperties: false },
      ),
      { title: 'The reels', minItems: 1, maxItems: 12, uniqueItemProperties: ['format'] },
    ),
    holdsMl: volumeMl('What the tank holds'),
    drainSeconds: Type.Number({ title: 'The drain time', minimum: 0, maximum: 120 }),
    timeConstantSeconds: Type.Optional(timeConstantSeconds),
  },
  { title: 'A tank', additionalProperties: false },
);
export type TankBody = Static<typeof TankBody>;

export const Tank = Type.Object(
  { id: uuid('The id'), version, ...TankBody.properties },
  { title: 'A tank', additionalProperties: false },
);
export type Tank = Static<typeof Tank>;

export const tankExample: TankBody = {
  name: 'Two-reel steel',
  motion: 'by-hand',
  reels: [
    { format: 'small-36', mlEach: 300, most: 2 },
    { format: 'medium', mlEach: 500, most: 1 },
  ],
  holdsMl: 620,
  drainSeconds: 12,
};
