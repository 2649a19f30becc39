import { tones } from '@katachron/core';
import Type, { type Static } from 'typebox';
import {
  count,
  instantMs,
  isoRange,
  oneOf,
  seconds,
  text,
  uuid,
  version,
} from '../../kit/fields.ts';
import { PaperThrough } from '../bath/through.ts';
import { fourCorners } from '../picture/contract.ts';
import { LONGEST_SIDE, pictureKinds } from '../picture/kinds.ts';
import { GivenFiring } from '../print/sheet.ts';
import {
  MOST_AREAS_OF_TWO,
  MOST_COPIES_OF_TWO,
  MOST_SHEETS_OF_TWO,
  MOST_TESTS_OF_TWO,
} from './limits.ts';

const closed = { additionalProperties: false };
const lengthMm = (title: string) =>
  Type.Number({ title, exclusiveMinimum: 0, maximum: 10_000, description: 'mm' });
const placeMm = (title: string) =>
  Type.Number({ title, minimum: -5000, maximum: 5000, description: 'mm' });
const step = (title: string) =>
  Type.Number({ title, minimum: 0.05, maximum: 3, description: 'stops' });

/** A picture of a negative, and how it lies on the easel in the mock-up. */
const Placed = Type.Object(
  {
    picture: Type.Object(
      {
        id: uuid('The id of the picture'),
        of: oneOf(
          pictureKinds.map(({ id }) => id),
          'What it is of',
        ),
        width: count('The width', LONGEST_SIDE, 1),
        height: count('The height', LONGEST_SIDE, 1),
        /** Where the frame is on it. */
        corners: Type.Optional(fourCorners),
      },
      { title: 'The picture', ...closed },
    ),
    xMm: placeMm('Its middle, across'),
    yMm: placeMm('Its middle, down'),
    widthMm: lengthMm('How wide it is on the easel'),
    turnDegrees: Type.Number({ title: 'Its turn', minimum: -360, maximum: 360 }),
    mirrored: Type.Optional(Type.Boolean({ title: 'Mirrored' })),
    /** More or less light than alone. */
    stops: Type.Number({ title: 'More or less light', minimum: -6, maximum: 6 }),
  },
  { title: 'How it lies', ...closed },
);

/** A place that this negative alone burns, or holds back. */
const AreaOfOne = Type.Object(
  {
    name: text('The area', 60, 1),
    stops: Type.Number({ title: 'More or less there', minimum: -5, maximum: 5 }),
  },
  { title: 'An area', ...closed },
);

/** One of the two: what it is, and what it gives at the place where both lie. */
const Side = Type.Object(
  {
    negative: text('The negative', 80),
    /** The filter or grade, in words; R counts. */
    setting: text('The setting', 40),
    range: isoRange('The range that it is printed at'),
    /** What it alone makes of the place, and the time of that, as dialled. */
    tone: oneOf(
      tones.map(({ id }) => id),
      'The tone of the place',
    ),
    seconds: Type.Optional(seconds('The time')),
    /** A length on the negative and the same on the print. */
    negativeMm: Type.Optional(lengthMm('The length on the negative')),
    printMm: Type.Optional(lengthMm('The length on the print')),
    placed: Type.Optional(Placed),
    areas: Type.Optional(
      Type.Array(AreaOfOne, { title: 'The areas', maxItems: MOST_AREAS_OF_TWO }),
    ),
  },
  { title: 'A negative', ...closed },
);

/** A sheet of strips: A along them, B across. */
const Grid = Type.Object(
  {
    id: uuid('The id of a test'),
    atMs: instantMs('When it was exposed'),
    aSeconds: Type.Array(seconds('A time of A'), {
      title: 'The times of A',
      minItems: 2,
      maxItems: 2,
    }),
    bSeconds: Type.Array(seconds('A time of B'), {
      title: 'The times of B',
      minItems: 3,
      maxItems: 3,
    }),
    /** The trays' baths, and how much of a sheet the two strips are: as much is booked on them. */
    baths: Type.Optional(PaperThrough),
    picked: Type.Optional(
      Type.Object(
        { a: count('The strip', 1), b: count('The part of it', 2) },
        { title: 'The cell', ...closed },
      ),
    ),
  },
  { title: 'A grid', ...closed },
);

const exposure = (title: string) =>
  Type.Object(
    {
      id: uuid('The id of the exposure'),
      atMs: instantMs('When'),
      firings: Type.Array(GivenFiring, { title: 'What it got', maxItems: 200 }),
    },
    { title, ...closed },
  );

/** A sheet on its way: A is on it, and B once it was changed. */
const SheetOfTwo = Type.Object(
  {
    /** On its back. */
    number: count('The number of the sheet', MOST_SHEETS_OF_TWO, 1),
    a: exposure('The exposure of A'),
    b: Type.Optional(exposure('The exposure of B')),
    /** The trays' baths, and its size: as much is booked on them once both are on it. */
    baths: Type.Optional(PaperThrough),
  },
  { title: 'A sheet', ...closed },
);

/** Two negatives on one sheet, with all it takes to make it again. */
export const TwoNegativesBody = Type.Object(
  {
    name: text('The name of the print', 120, 1),
    enlarger: text('The enlarger', 80),
    paper: text('The paper', 80),
    /** Where both lie, in words: what the tones are of. */
    place: text('The place', 120),
    a: Side,
    b: Side,
    aStep: step('The step of A'),
    bStep: step('The step of B'),
    tests: Type.Array(Grid, {
      title: 'The tests',
      maxItems: MOST_TESTS_OF_TWO,
      uniqueItemProperties: ['id'],
    }),
    /** Where A fades and B fills it. */
    edge: Type.Optional(
      Type.Object(
        {
          widthMm: lengthMm('How wide the edge is'),
          fillStops: Type.Number({ title: 'What B gives there', minimum: -5, maximum: 2 }),
        },
        { title: 'A feathered edge', ...closed },
      ),
    ),
    /** The sheet as it lies on the easel. */
    easel: Type.Optional(
      Type.Object(
        { widthMm: lengthMm('How wide the sheet is'), heightMm: lengthMm('How high the sheet is') },
        { title: 'The easel', ...closed },
      ),
    ),
    sheets: Type.Optional(
      Type.Array(SheetOfTwo, {
        title: 'The sheets',
        maxItems: MOST_SHEETS_OF_TWO,
        uniqueItemProperties: ['number'],
      }),
    ),
    copies: count('How many prints', MOST_COPIES_OF_TWO, 1),
    spare: count('How many may fail', MOST_COPIES_OF_TWO),
    note: text('The note', 500),
  },
  { title: 'A print of two negatives', ...closed },
);
export type TwoNegativesBody = Static<typeof TwoNegativesBody>;
export type SideOfTwo = TwoNegativesBody['a'];
export type PlacedOfTwo = NonNullable<SideOfTwo['placed']>;
export type SheetOfTwo = NonNullable<TwoNegativesBody['sheets']>[number];

export const TwoNegatives = Type.Object(
  { id: uuid('The id'), version, ...TwoNegativesBody.properties },
  { title: 'A print of two negatives', ...closed },
);
export type TwoNegatives = Static<typeof TwoNegatives>;

export const twoNegativesExample: TwoNegativesBody = {
  name: 'The furnace and the yard',
  enlarger: 'the tall enlarger',
  paper: 'Marrow fibre',
  place: 'the sky over the roof',
  a: { negative: 'F-031 / 14', setting: 'filter 2', range: 110, tone: 'VI', seconds: 10 },
  b: { negative: 'F-033 / 2', setting: 'filter 2', range: 110, tone: 'VII', seconds: 8 },
  aStep: 0.333,
  bStep: 0.25,
  tests: [],
  copies: 1,
  spare: 2,
  note: '',
};
