import { bathTests } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { instantMs, oneOf, volumeMl } from '../../kit/fields.ts';

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

/** One mixed lot, as far as its ledger asks. */
export const BathFacts = Type.Object(
  {
    volumeMl: volumeMl('The volume mixed'),
    mixedAtMs: instantMs('When it was mixed'),
    filmCm2PerLitre: areaPerLitre('What a litre is good for, film'),
    paperCm2PerLitre: areaPerLitre('What a litre is good for, paper'),
    keeping: Type.Optional(Keeping),
    bottleMl: Type.Optional(volumeMl('What the bottle holds')),
    trayHours: Type.Optional(
      Type.Number({ title: 'How long it lasts in a tray', exclusiveMinimum: 0, maximum: 10_000 }),
    ),
  },
  { title: 'A bath', additionalProperties: false },
);

const at = { atMs: instantMs('When it happened') };
const ofVolume = (kind: 'topped-up' | 'replenished' | 'taken-out') =>
  Type.Object(
    { kind: Type.Literal(kind), ...at, volumeMl: volumeMl('How much') },
    { additionalProperties: false },
  );

/** Something that happened to a bath; an area below zero corrects one that was entered. */
export const BathEntry = Type.Union(
  [
    Type.Object(
      {
        kind: oneOf(['film', 'paper'] as const, 'What went through'),
        ...at,
        areaCm2: Type.Number({
          title: 'The area',
          minimum: -1_000_000,
          maximum: 1_000_000,
          description: 'cm²',
        }),
      },
      { additionalProperties: false },
    ),
    ofVolume('topped-up'),
    ofVolume('replenished'),
    ofVolume('taken-out'),
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
      { additionalProperties: false },
    ),
    Type.Object({ kind: Type.Literal('discarded'), ...at }, { additionalProperties: false }),
  ],
  { title: 'An entry' },
);
export type BathEntry = Static<typeof BathEntry>;
