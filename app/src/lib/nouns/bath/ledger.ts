import { bathTests, type BathEntry as CoreBathEntry } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { instantMs, oneOf, text, uuid, volumeMl } from '../../kit/fields.ts';

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
    Type.Object({ kind: Type.Literal('discarded'), ...at }, closed),
  ],
});
export type BathEntry = CoreBathEntry;

/** An entry as it is kept: written once, never changed. */
export const KeptEntry = Type.Object(
  {
    id: uuid('The id'),
    /** What it was, in the words of whoever wrote it down. */
    note: Type.Optional(text('The note', 200)),
    /** The entry that it takes back. */
    corrects: Type.Optional(uuid('The entry corrected')),
    entry: BathEntry,
  },
  { title: 'An entry of a ledger', additionalProperties: false },
);
export type KeptEntry = Static<typeof KeptEntry>;

export const entryExample: KeptEntry = {
  id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c0b',
  note: 'Five rolls of 120',
  entry: { kind: 'film', atMs: 1_768_035_600_000, areaCm2: 2580 },
};
