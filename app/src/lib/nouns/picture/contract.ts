import { type AreaShape } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { LONGEST_SIDE, MOST_POINTS, outlines, pictureKinds } from './kinds.ts';
import { count, instantMs, isoRange, oneOf, uuid } from '../../kit/fields.ts';

/** What is kept of a picture besides its tones. */
export const Picture = Type.Object(
  {
    id: uuid('The id'),
    width: count('The width', LONGEST_SIDE, 1),
    height: count('The height', LONGEST_SIDE, 1),
    madeAtMs: instantMs('When it was kept'),
  },
  { title: 'A picture', additionalProperties: false },
);
export type Picture = Static<typeof Picture>;

export const pictureExample: Picture = {
  id: '7c1d4b60-52e8-4f3a-a000-000000000001',
  ...{ width: 2048, height: 1536, madeAtMs: 1_768_600_000_000 },
};

const place = Type.Number({ title: 'A place on the picture', minimum: -2, maximum: 3 });
const length = Type.Number({ title: 'A length on the picture', minimum: 0.001, maximum: 3 });
const points = Type.Array(
  Type.Object({ x: place, y: place }, { title: 'A point', additionalProperties: false }),
  { title: 'The points', minItems: 1, maxItems: MOST_POINTS },
);
const closed = { additionalProperties: false };

/** Where an area lies; in widths of the picture, from its top left. Told apart by `kind`. */
export const Shape = Type.Unsafe<AreaShape>({
  type: 'object',
  title: 'The shape of an area',
  required: ['kind'],
  properties: { kind: { type: 'string' } },
  discriminator: { propertyName: 'kind' },
  oneOf: [
    Type.Object(
      { kind: Type.Literal('ellipse'), x: place, y: place, rx: length, ry: length },
      closed,
    ),
    Type.Object({ kind: Type.Literal('edge'), x1: place, y1: place, x2: place, y2: place }, closed),
    Type.Object({ kind: Type.Literal('polygon'), points }, closed),
    Type.Object({ kind: Type.Literal('brush'), points, radius: length }, closed),
    Type.Object({ kind: Type.Literal('corners') }, closed),
    Type.Object({ kind: Type.Literal('all-round'), reach: length }, closed),
  ],
});

const share = Type.Number({ title: 'A place on the picture', minimum: 0, maximum: 1 });
const code = (title: string) => Type.Optional(count(title, 255, 1));

/** Four corners on a picture, from the top left one clockwise, in shares of its width and height. */
export const fourCorners = Type.Array(
  Type.Object({ x: share, y: share }, { title: 'A corner', ...closed }),
  { title: 'The corners', minItems: 4, maxItems: 4 },
);

/** The picture of a print, and what its tones stand for. */
export const ShownPicture = Type.Object(
  {
    id: uuid('The id'),
    of: oneOf(
      pictureKinds.map(({ id }) => id),
      'What it is of',
    ),
    width: count('The width', LONGEST_SIDE, 1),
    height: count('The height', LONGEST_SIDE, 1),
    /** Paper white, or clear film. */
    whiteCode: code('The code of paper white'),
    /** The place of a negative that becomes the print's highlight. */
    highlightCode: code('The code of the highlight'),
    mirrored: Type.Optional(Type.Boolean()),
    /** The file that it was made of was kept as well. */
    original: Type.Optional(Type.Boolean()),
    /** Where the corners of the print are on it. */
    corners: Type.Optional(fourCorners),
    /** R and time of the straight print that it is of, so that what was changed since is shown too. */
    range: Type.Optional(isoRange('The range of the straight print')),
    seconds: Type.Optional(Type.Number({ minimum: 0.01, maximum: 86_400 })),
  },
  { title: 'The picture', additionalProperties: false },
);
export type ShownPicture = Static<typeof ShownPicture>;

export const outlineId = oneOf(
  outlines.map(({ id }) => id),
  'The outline',
);
