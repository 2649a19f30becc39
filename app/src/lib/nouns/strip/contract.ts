import {
  MOST_PATCHES,
  contrastSets,
  stripKinds,
  stripMethods,
  tones,
  waysOfLooking,
} from '@katachron/core';
import Type, { type Static } from 'typebox';
import { oneOf, orNull, seconds, text } from '../../kit/fields.ts';
import { MOST_LOOKS_AGAIN } from './limits.ts';

export const StripChoices = Type.Object(
  {
    kind: oneOf(
      stripKinds.map(({ id }) => id),
      'The kind of strip',
    ),
    method: oneOf(
      stripMethods.map(({ id }) => id),
      'How the strip is exposed',
    ),
    firstSeconds: seconds('The first exposure'),
    step: Type.Number({
      title: 'The step',
      minimum: 0.01,
      maximum: 600,
      description: 's or stops, as the kind has it',
    }),
    patches: Type.Integer({ title: 'The number of patches', minimum: 1, maximum: MOST_PATCHES }),
  },
  { title: 'A strip', additionalProperties: false },
);
export type StripChoices = Static<typeof StripChoices>;

export const Lamp = Type.Object(
  {
    lagSeconds: Type.Number({ title: 'The lag', minimum: -5, maximum: 5, description: 's' }),
    timerStepSeconds: Type.Number({
      title: 'The timer’s step',
      minimum: 0.001,
      maximum: 10,
      description: 's',
    }),
  },
  { title: 'The lamp', additionalProperties: false },
);
export type Lamp = Static<typeof Lamp>;

export const toneId = oneOf(
  tones.map(({ id }) => id),
  'The tone',
);

export const pickPosition = Type.Number({
  title: 'The patch picked',
  minimum: -1,
  maximum: MOST_PATCHES,
  multipleOf: 0.5,
  description:
    'index from 0; a half is between two patches; on a single patch −1 far too dark to 1 far too light',
});

export const Pick = Type.Object(
  {
    position: pickPosition,
    tone: toneId,
  },
  { title: 'A pick', additionalProperties: false },
);
export type Pick = Static<typeof Pick>;

/** How a strip was looked at; by eye unless said. */
export const way = Type.Optional(
  oneOf(
    waysOfLooking.map(({ id }) => id),
    'How it was looked at',
  ),
);

/** Other looks at a strip, each with the picks before out of sight: all of them count. */
export const again = Type.Optional(
  Type.Array(
    Type.Object(
      { highlight: orNull<Pick>(Pick), shadow: orNull<Pick>(Pick), way },
      { title: 'Another look', additionalProperties: false },
    ),
    { title: 'Other looks at it', minItems: 1, maxItems: MOST_LOOKS_AGAIN },
  ),
);

export const contrastSetId = oneOf(
  contrastSets.map(({ id }) => id),
  'The contrast set',
);
export const settingId = text('The contrast setting', 20, 1);

/** How sure to be before the print is made, stops. */
export const wantedStops = Type.Number({
  title: 'How sure to be',
  minimum: 1 / 24,
  maximum: 1,
  description: 'stops',
});
