import { negativeLights, readingScales } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { oneOf, seconds, text } from '../../kit/fields.ts';
import { MOST_SPOTS } from '../in-hand/limits.ts';
import { settingId, toneId } from '../strip/contract.ts';

/** What a lens and a negative let through, between the lightest and the darkest that a probe is used for, log10. */
const reading = Type.Number({ title: 'What it read', minimum: -6, maximum: 6 });
const spot = { reading, tone: toneId };

/** By what, and how the negative was lit, where its densities were read; diffuse unless said. */
export const howRead = {
  scale: oneOf(
    readingScales.map(({ id }) => id),
    'The scale of the readings',
  ),
  negativeLight: Type.Optional(
    oneOf(
      negativeLights.map(({ id }) => id),
      'The light on the negative',
    ),
  ),
};

/** What was read of a negative, as it was read: log light or density. */
export const Readings = Type.Object(
  {
    ...howRead,
    highlight: Type.Object(spot, { title: 'The highlight', additionalProperties: false }),
    shadow: Type.Object(spot, { title: 'The shadow', additionalProperties: false }),
    others: Type.Array(
      Type.Object(
        { name: text('The place', 40), ...spot },
        { title: 'A place', additionalProperties: false },
      ),
      { title: 'Further places', maxItems: MOST_SPOTS },
    ),
    /** A print that was right, before. */
    known: Type.Optional(
      Type.Object(
        { ...spot, seconds: seconds('What it got'), settingId },
        { title: 'A print that was right', additionalProperties: false },
      ),
    ),
  },
  { title: 'What was read', additionalProperties: false },
);
export type Readings = Static<typeof Readings>;
