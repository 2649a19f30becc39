import { MOST_UNITS, casts, castStrengths, channels } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { instantMs, oneOf, seconds, stops, text, uuid, version } from '../../kit/fields.ts';
import { PaperThrough } from '../bath/through.ts';
import { startKinds } from './start-kinds.ts';
import { MOST_COLOUR_TESTS, ringPatches } from './limits.ts';

const closed = { additionalProperties: false };
const units = (title: string) =>
  Type.Number({ title, minimum: 0, maximum: MOST_UNITS, description: 'units of the head' });
const correction = (title: string) =>
  Type.Number({ title, minimum: -MOST_UNITS, maximum: MOST_UNITS, description: 'units' });

export const Pack = Type.Object(
  { c: units('Cyan'), m: units('Magenta'), y: units('Yellow') },
  { title: 'The filter pack', ...closed },
);

/** Pack and time, and where they come from: a print by its name, or the box before. */
const Start = Type.Object(
  {
    pack: Pack,
    seconds: seconds('The time'),
    by: oneOf(
      startKinds.map(({ id }) => id),
      'How it begins',
    ),
    from: text('What it begins from', 120),
  },
  { title: 'What is printed next', ...closed },
);

const light = (title: string) =>
  Type.Number({ title, exclusiveMinimum: 0, maximum: 1_000_000, description: 'in one unit' });

/** What was seen on a dry print, or picked of a ring-around. */
const Verdict = Type.Object(
  {
    cast: Type.Optional(
      Type.Object(
        {
          id: oneOf(
            casts.map(({ id }) => id),
            'The cast',
          ),
          strength: oneOf(
            castStrengths.map(({ id }) => id),
            'How strong it is',
          ),
        },
        { title: 'The cast', ...closed },
      ),
    ),
    /** Of a ring-around: the patch, counted from 0; a half is between two. */
    position: Type.Optional(
      Type.Number({ title: 'The patch', minimum: 0, maximum: 8, multipleOf: 0.5 }),
    ),
    /** It is to get so much more light. */
    stops: Type.Optional(stops('How much more light')),
    thought: text('What was thought', 500),
    atMs: instantMs('When it was judged'),
  },
  { title: 'The verdict', ...closed },
);

const Test = Type.Object(
  {
    id: uuid('The id of a test'),
    atMs: instantMs('When it was exposed'),
    pack: Pack,
    seconds: seconds('The time'),
    box: text('The box of paper', 80),
    /** The print itself, photographed or scanned dry: its colours are kept. */
    picture: Type.Optional(uuid('The picture of it')),
    /** The drum's baths, and its size: as much is booked on them. */
    baths: Type.Optional(PaperThrough),
    ring: Type.Optional(
      Type.Object(
        {
          channel: Type.Optional(
            oneOf(
              channels.map(({ id }) => id),
              'The channel',
            ),
          ),
          step: Type.Number({ title: 'The step', exclusiveMinimum: 0, maximum: 100 }),
          patches: Type.Integer({
            title: 'The patches',
            minimum: ringPatches[0],
            maximum: ringPatches.at(-1)!,
          }),
        },
        { title: 'A ring-around', ...closed },
      ),
    ),
    verdict: Type.Optional(Verdict),
  },
  { title: 'A test', ...closed },
);

/** A colour print from its first test on: a page of the lab book. */
export const ColourPrintBody = Type.Object(
  {
    name: text('The name of the print', 120, 1),
    negative: text('The negative', 80),
    /** Named as on the shelf: its head has a calibration. */
    enlarger: text('The enlarger', 80),
    setup: text('Lens, aperture and height', 120),
    paper: text('The paper', 80),
    box: text('The box of paper', 80),
    /** What the box says of itself: units to add, and more light. */
    correction: Type.Optional(
      Type.Object(
        {
          c: correction('Cyan of the box'),
          m: correction('Magenta of the box'),
          y: correction('Yellow of the box'),
          stops: stops('What the box needs more'),
        },
        { title: 'The correction of the box', ...closed },
      ),
    ),
    /** The negative's light through a diffuser, with the white light of the head. */
    light: Type.Optional(
      Type.Object(
        { red: light('Red'), green: light('Green'), blue: light('Blue') },
        { title: 'What was read of the negative', ...closed },
      ),
    ),
    start: Type.Optional(Start),
    tests: Type.Array(Test, {
      title: 'The tests',
      maxItems: MOST_COLOUR_TESTS,
      uniqueItemProperties: ['id'],
    }),
    note: text('The note', 500),
  },
  { title: 'A colour print', ...closed },
);
export type ColourPrintBody = Static<typeof ColourPrintBody>;
export type ColourTest = ColourPrintBody['tests'][number];

export const ColourPrint = Type.Object(
  { id: uuid('The id'), version, ...ColourPrintBody.properties },
  { title: 'A colour print', ...closed },
);
export type ColourPrint = Static<typeof ColourPrint>;

export const colourPrintExample: ColourPrintBody = {
  name: 'Gathering glass, in colour',
  negative: 'C-004 / 7',
  enlarger: 'the tall enlarger',
  setup: '80 mm at f/8, 41.0 cm',
  paper: 'Tarn gloss',
  box: 'box 2',
  tests: [
    {
      id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7d01',
      atMs: 1_768_600_000_000,
      pack: { c: 0, m: 44, y: 58 },
      seconds: 11.5,
      box: 'box 2',
      verdict: {
        cast: { id: 'red', strength: 'slight' },
        thought: 'The snow is warm.',
        atMs: 1_768_603_600_000,
      },
    },
  ],
  note: '',
};
