import type { PaperBase } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { isoRange, oneOf, text, uuid, version } from '../../kit/fields.ts';
import { contrastSetId, settingId } from '../strip/contract.ts';
import { MOST_FORMER_NAMES } from '../../words/called.ts';
import { LEAST_BLACK } from './limits.ts';

const bases: readonly PaperBase[] = ['resin-coated', 'fibre'];

/** A paper: its black and white, its speed, and what the contrast settings really do on it. */
export const PaperBody = Type.Object(
  {
    name: text('The name of the paper', 80, 1),
    /** What it was called before: records keep the name as it was. Kept by the server at each change of the name. */
    formerNames: Type.Optional(
      Type.Array(text('A former name', 80, 1), {
        title: 'The former names',
        maxItems: MOST_FORMER_NAMES,
      }),
    ),
    base: oneOf(bases, 'The base'),
    contrastSetId,
    speed: Type.Optional(
      Type.Number({ title: 'The speed', minimum: 1, maximum: 10_000, description: 'ISO 6846 P' }),
    ),
    dMin: Type.Number({ title: 'Paper white', minimum: 0, maximum: 0.2, description: 'density' }),
    dMax: Type.Number({
      title: 'Full black',
      minimum: LEAST_BLACK,
      maximum: 3,
      description: 'density',
    }),
    /** Measured ranges, and speeds against the softest setting, stops; those left out are the usual ones. */
    settings: Type.Array(
      Type.Object(
        {
          id: settingId,
          range: isoRange('The range of a setting'),
          speedStops: Type.Number({ title: 'The speed of a setting', minimum: -4, maximum: 4 }),
          /** How far its test leaves each open. */
          rangeWithin: Type.Optional(
            Type.Number({ title: 'How far its range may be out', minimum: 0, maximum: 100 }),
          ),
          speedWithin: Type.Optional(
            Type.Number({ title: 'How far its speed may be out', minimum: 0, maximum: 4 }),
          ),
        },
        { title: 'A calibrated setting', additionalProperties: false },
      ),
      { title: 'The calibrated settings', maxItems: 20, uniqueItemProperties: ['id'] },
    ),
    /** What it dries darker, by its test: a wet print beside dried ones. */
    dryDownStops: Type.Optional(
      Type.Number({ title: 'What it dries darker', minimum: 0, maximum: 1, description: 'stops' }),
    ),
    /** The layers, where a printed tablet was fitted: steepness of one, and how far they lie apart, log10. */
    layers: Type.Optional(
      Type.Object(
        {
          slope: Type.Number({ title: 'The slope of a layer', minimum: 1, maximum: 25 }),
          span: Type.Number({ title: 'The span of the layers', minimum: 0, maximum: 3 }),
        },
        { title: 'The layers', additionalProperties: false },
      ),
    ),
    note: text('The note', 200),
  },
  { title: 'A paper', additionalProperties: false },
);
export type PaperBody = Static<typeof PaperBody>;

export const PaperThing = Type.Object(
  { id: uuid('The id'), version, ...PaperBody.properties },
  { title: 'A paper', additionalProperties: false },
);
export type PaperThing = Static<typeof PaperThing>;

export const paperExample: PaperBody = {
  name: 'Marrow fibre',
  base: 'fibre',
  contrastSetId: 'filters',
  speed: 250,
  dMin: 0.07,
  dMax: 2.1,
  settings: [{ id: '2', range: 108, speedStops: 0 }],
  note: '',
};
