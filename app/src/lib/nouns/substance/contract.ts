import Type, { type Static } from 'typebox';
import { dilution, instantMs, oneOf, text, uuid, version, volumeMl } from '../../kit/fields.ts';
import { Keeping, bathLimits } from '../bath/ledger.ts';
import { bathUses } from '../bath/uses.ts';
import { substanceKinds } from './kinds.ts';

const { filmCm2PerLitre, paperCm2PerLitre, trayHours } = bathLimits;

/** A bottle or a packet in the cupboard, and what its data sheet says. */
export const SubstanceBody = Type.Object(
  {
    name: text('The name', 80, 1),
    use: oneOf(
      bathUses.map(({ id }) => id),
      'What it is for',
    ),
    kind: oneOf(
      substanceKinds.map(({ id }) => id),
      'What it is',
    ),
    /** Where it comes in several bottles or bags, what they are called. */
    parts: Type.Array(text('A part', 40, 1), { title: 'Its parts', maxItems: 5 }),
    dilutions: Type.Array(dilution, { title: 'The dilutions in use', maxItems: 12 }),
    /** How it keeps in its own bottle once that is open, and at working strength. */
    keeping: Type.Optional(Keeping),
    workingKeeping: Type.Optional(Keeping),
    ...{ filmCm2PerLitre, paperCm2PerLitre, trayHours },
    minimumMl: Type.Optional(volumeMl('The least for a roll')),
    /** A whole bottle, or what a packet makes; and what that costs, in one’s own money. */
    sizeMl: Type.Optional(volumeMl('What is sold at once')),
    price: Type.Optional(
      Type.Number({ title: 'Its price', exclusiveMinimum: 0, maximum: 1_000_000 }),
    ),
    haveMl: Type.Optional(
      Type.Number({ title: 'What is left', minimum: 0, maximum: 100_000, description: 'ml' }),
    ),
    /** When that was looked at: what was mixed from it since is gone. */
    haveAtMs: Type.Optional(instantMs('When that was looked at')),
    openedAtMs: Type.Optional(instantMs('When it was opened')),
    dataSheet: Type.Optional(text('The address of its safety data sheet', 300)),
    hazards: Type.Optional(text('Its hazards', 500)),
    handIn: Type.Optional(text('How it is handed in', 500)),
  },
  { title: 'A substance', additionalProperties: false },
);
export type SubstanceBody = Static<typeof SubstanceBody>;

export const Substance = Type.Object(
  { id: uuid('The id'), version, ...SubstanceBody.properties },
  { title: 'A substance', additionalProperties: false },
);
export type Substance = Static<typeof Substance>;

export const substanceExample: SubstanceBody = {
  ...{ name: 'Tansy', use: 'film-developer', kind: 'concentrate', parts: [] },
  dilutions: [
    [1, 31],
    [1, 50],
  ],
  keeping: { fullDays: 360, halfFullDays: 120 },
  ...{ minimumMl: 6, sizeMl: 500, price: 14.5, haveMl: 320 },
  dataSheet: 'https://ferrow.example/tansy',
  hazards: 'Stains, and irritates skin and eyes: gloves.',
  handIn: 'One-shot, thinned: with the developer waste of the cooperative.',
};
