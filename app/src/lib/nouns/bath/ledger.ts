import { bathTests, type BathEntry as CoreBathEntry } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { count, instantMs, oneOf, temperatureC, text, uuid, volumeMl } from '../../kit/fields.ts';
import { bookedBy } from './booked-by.ts';
import { FilmLoad } from '../tank/contract.ts';

const areaPerLitre = (title: string) =>
  Type.Optional(
    Type.Number({ title, exclusiveMinimum: 0, maximum: 1_000_000, description: 'cm² a litre' }),
  );
const days = (title: string) =>
  Type.Number({ title, exclusiveMinimum: 0, maximum: 10_000, description: 'days' });

/** How long it keeps in its bottle. */
export const Keeping = Type.Object(
  { fullDays: days('In a full bottle'), halfFullDays: days('In a half-full bottle') },
  { title: 'How it keeps', additionalProperties: false },
);

/** What a bath is good for and how it keeps, as its data sheet says. */
export const bathLimits = {
  filmCm2PerLitre: areaPerLitre('What a litre is good for, film'),
  paperCm2PerLitre: areaPerLitre('What a litre is good for, paper'),
  keeping: Type.Optional(Keeping),
  bottleMl: Type.Optional(volumeMl('What the bottle holds')),
  trayHours: Type.Optional(
    Type.Number({ title: 'How long it lasts in a tray', exclusiveMinimum: 0, maximum: 10_000 }),
  ),
};

/** One mixed lot, as far as its ledger asks. */
export const BathFacts = Type.Object(
  {
    volumeMl: volumeMl('The volume mixed'),
    mixedAtMs: instantMs('When it was mixed'),
    ...bathLimits,
  },
  { title: 'A bath', additionalProperties: false },
);

const at = { atMs: instantMs('When it happened') };
const closed = { title: 'An entry', additionalProperties: false };
const through = (kind: 'film' | 'paper') =>
  Type.Object(
    {
      kind: Type.Literal(kind),
      ...at,
      areaCm2: Type.Number({
        title: 'The area',
        minimum: -1_000_000,
        maximum: 1_000_000,
        description: 'cm²; below zero it corrects what was entered',
      }),
    },
    closed,
  );
const ofVolume = (kind: 'topped-up' | 'replenished' | 'taken-out' | 'handed-in') =>
  Type.Object({ kind: Type.Literal(kind), ...at, volumeMl: volumeMl('How much') }, closed);

/** Something that happened to a bath. Told apart by `kind`, so that a wrong field is answered for that kind alone. */
export const BathEntry = Type.Unsafe<CoreBathEntry>({
  type: 'object',
  title: 'An entry',
  required: ['kind'],
  properties: { kind: { type: 'string' } },
  discriminator: { propertyName: 'kind' },
  oneOf: [
    through('film'),
    through('paper'),
    ofVolume('topped-up'),
    ofVolume('replenished'),
    ofVolume('taken-out'),
    ofVolume('handed-in'),
    Type.Object(
      {
        kind: Type.Literal('tested'),
        ...at,
        test: oneOf(
          bathTests.map(({ id }) => id),
          'The test',
        ),
        passed: Type.Boolean({ title: 'It passed' }),
      },
      closed,
    ),
    Type.Object({ kind: Type.Literal('read'), ...at, temperatureC: temperatureC() }, closed),
    Type.Object({ kind: Type.Literal('discarded'), ...at }, closed),
  ],
});
export type BathEntry = CoreBathEntry;

const side = (title: string) =>
  Type.Number({ title, exclusiveMinimum: 0, maximum: 300, description: 'cm' });

/** The sides of a sheet of paper. */
export const paperSides = { widthCm: side('The width'), heightCm: side('The height') };

const Sheets = Type.Object(
  { count: count('How many', 1000, 1), ...paperSides },
  { title: 'The sheets', additionalProperties: false },
);

const written = {
  id: uuid('The id'),
  /** What it was, in the words of whoever wrote it down. */
  note: Type.Optional(text('The note', 200)),
  /** The entry that it takes back. */
  corrects: Type.Optional(uuid('The entry corrected')),
  /** The films, or the sheets of paper, that its area is of. */
  load: Type.Optional(Type.Array(FilmLoad, { title: 'The films', maxItems: 12 })),
  sheets: Type.Optional(Sheets),
  /** The bath that it was split off, or into which some of it went. */
  other: Type.Optional(
    Type.Object(
      { id: uuid('The id of the other bath'), name: text('The name of the other bath', 80, 1) },
      { title: 'The other bath', additionalProperties: false },
    ),
  ),
  entry: BathEntry,
};

/** An entry as somebody writes it: once, never changed. */
export const WrittenEntry = Type.Object(written, {
  title: 'An entry of a ledger',
  additionalProperties: false,
});

/** An entry as it is kept: what was booked by a run or a print names it. */
export const KeptEntry = Type.Object(
  {
    ...written,
    /** A dark print tires a bath more than a light one: its area counts so often. */
    tiredBy: Type.Optional(
      Type.Number({ title: 'How often its area counts', minimum: 0.5, maximum: 2 }),
    ),
    of: Type.Optional(
      Type.Object(
        {
          kind: oneOf(
            bookedBy.map(({ id }) => id),
            'What booked it',
          ),
          id: uuid('The roll’s or the print’s id'),
          name: text('What it was called that day', 120, 1),
        },
        { title: 'What booked it', additionalProperties: false },
      ),
    ),
  },
  { title: 'An entry of a ledger', additionalProperties: false },
);
export type KeptEntry = Static<typeof KeptEntry>;

export const entryExample: KeptEntry = {
  id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c0b',
  load: [{ format: 'medium', count: 5 }],
  entry: { kind: 'film', atMs: 1_768_035_600_000, areaCm2: 2580 },
};
