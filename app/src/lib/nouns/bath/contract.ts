import { clearingFactors } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { instantMs, oneOf, seconds, text, uuid, version, volumeMl } from '../../kit/fields.ts';
import { bathUses } from './uses.ts';
import { bathLimits } from './ledger.ts';

/** One mixed lot of fixer, with the clip tests made in it. */
export const BathBody = Type.Object(
  {
    name: text('The name of the bath', 80, 1),
    mixedAtMs: instantMs('When it was mixed'),
    tests: Type.Array(
      Type.Object(
        {
          id: uuid('The test’s id'),
          atMs: instantMs('When it was tested'),
          film: text('The film', 80),
          clearingSeconds: seconds('The clearing time'),
          factor: Type.Unsafe<(typeof clearingFactors)[number]>({
            title: 'The factor',
            type: 'integer',
            enum: [...clearingFactors],
          }),
        },
        { title: 'A clip test', additionalProperties: false },
      ),
      { title: 'The clip tests', maxItems: 200 },
    ),
    discardedAtMs: Type.Optional(instantMs('When it was discarded')),
    /** What it is for, what it is made of, and how much: with that it has a ledger. */
    use: Type.Optional(
      oneOf(
        bathUses.map(({ id }) => id),
        'What it is for',
      ),
    ),
    /** What in the cupboard it was mixed from. */
    substanceId: Type.Optional(uuid('The substance’s id')),
    dilution: Type.Optional(text('The dilution', 40)),
    volumeMl: Type.Optional(volumeMl('The volume mixed')),
    ...bathLimits,
    dataSheet: Type.Optional(text('The address of its safety data sheet', 300)),
    note: Type.Optional(text('The note', 1000)),
  },
  { title: 'A bath', additionalProperties: false },
);
export type BathBody = Static<typeof BathBody>;

export const Bath = Type.Object(
  { id: uuid('The id'), version, ...BathBody.properties },
  { title: 'A bath', additionalProperties: false },
);
export type Bath = Static<typeof Bath>;

export const bathExample: BathBody = {
  name: 'Fixer of 10 January',
  mixedAtMs: 1_768_032_000_000,
  tests: [
    {
      id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c0a',
      atMs: 1_768_035_600_000,
      film: 'Halden 400',
      clearingSeconds: 45,
      factor: 2,
    },
  ],
};
