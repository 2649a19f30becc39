import Type, { type Static } from 'typebox';
import { count, instantMs, oneOf, orNull, seconds, text, uuid, version } from '../../kit/fields.ts';
import { tags } from '../logbook/contract.ts';
import { paperSizes } from '../paper/sizes.ts';
import { ShownPicture } from '../picture/contract.ts';
import { TestPaper } from './test-paper.ts';
import { Sheet, Version } from './sheet.ts';
import { MOST_EDITION, MOST_SHEETS } from './limits.ts';
import { Readings } from './readings.ts';
import {
  Lamp,
  Pick,
  StripChoices,
  again,
  contrastSetId,
  settingId,
  way,
} from '../strip/contract.ts';

/** One strip of a print session, with what was seen on it. */
const KeptStrip = Type.Object(
  {
    settingId,
    choices: StripChoices,
    /** The lamp that it was dialled for, where another was written down since. */
    lamp: Type.Optional(Lamp),
    patchSeconds: Type.Array(seconds('What a patch got'), {
      title: 'What the patches got',
      minItems: 1,
      maxItems: 15,
    }),
    highlight: orNull<Pick>(Pick),
    shadow: orNull<Pick>(Pick),
    way,
    again,
    /** Where the set-up was changed after it: what its seconds are worth in the print's own; 0 when nobody can tell. */
    worth: Type.Optional(
      Type.Number({ title: 'What its seconds are worth', minimum: 0, maximum: 100_000 }),
    ),
  },
  { title: 'A strip', additionalProperties: false },
);

/** A print with all it takes to make it again. */
export const PrintBody = Type.Object(
  {
    title: text('The name of the print', 120, 1),
    setup: Type.Object(
      {
        negative: text('The negative', 80),
        enlarger: text('The enlarger', 80),
        lens: text('The lens and aperture', 80),
        head: text('The head height', 40),
        paper: text('The paper', 80),
        paperSize: Type.Optional(
          oneOf(
            paperSizes.map(({ id }) => id),
            'The size of the paper',
          ),
        ),
        contrastSetId,
        lamp: Lamp,
      },
      { title: 'The set-up', additionalProperties: false },
    ),
    strips: Type.Array(KeptStrip, { title: 'The strips', maxItems: 200 }),
    /** What a probe or a densitometer read of the negative. */
    readings: Type.Optional(Readings),
    versions: Type.Array(Version, {
      title: 'The versions',
      minItems: 1,
      maxItems: MOST_SHEETS,
      uniqueItemProperties: ['number'],
    }),
    sheets: Type.Array(Sheet, {
      title: 'The sheets',
      maxItems: MOST_SHEETS,
      uniqueItemProperties: ['id'],
    }),
    testPaper: Type.Optional(TestPaper),
    picture: Type.Optional(ShownPicture),
    /** So many copies there are to be. */
    edition: Type.Optional(count('The edition', MOST_EDITION, 1)),
    note: text('The note', 2000),
    tags: Type.Optional(tags),
    madeAtMs: instantMs('When it was made'),
  },
  { title: 'A print', additionalProperties: false },
);
export type PrintBody = Static<typeof PrintBody>;

export const Print = Type.Object(
  { id: uuid('The id'), version, ...PrintBody.properties },
  { title: 'A print', additionalProperties: false },
);
export type Print = Static<typeof Print>;

export const printExample: PrintBody = {
  title: 'Furnace hall, night shift',
  setup: {
    negative: 'F-031 / 14',
    enlarger: 'the tall enlarger',
    lens: '80 mm at f/8',
    head: '41.0 cm',
    paper: 'Marrow fibre',
    contrastSetId: 'filters',
    lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 },
  },
  strips: [
    {
      settingId: '2',
      choices: { kind: 'stops', method: 'cover-up', firstSeconds: 5, step: 1 / 3, patches: 7 },
      patchSeconds: [5, 6.3, 7.9, 10, 12.6, 15.9, 20],
      highlight: { position: 3, tone: 'VIII' },
      shadow: { position: 4, tone: 'II' },
    },
  ],
  versions: [
    {
      number: 1,
      settingId: '2.5',
      seconds: 10.6,
      range: 100,
      withinStops: 0.17,
      dialSeconds: [10.8, 6.4],
      areas: [
        { name: 'glory hole', stops: -0.333 },
        { name: 'roof', stops: 0.667 },
      ],
    },
  ],
  sheets: [
    {
      id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c02',
      version: 1,
      exposedAtMs: 1_768_600_000_000,
      switchedBy: 'screen',
      firings: [
        {
          hands: 'Whole sheet; hold back glory hole for 2.2 s',
          filter: 'filter 2½',
          seconds: 10.8,
        },
        { hands: 'Burn roof, card with a hole moving', filter: 'filter 2½', seconds: 6.4 },
      ],
      verdict: { highlightStops: 0.083 },
    },
  ],
  note: '',
  madeAtMs: 1_768_600_000_000,
};
