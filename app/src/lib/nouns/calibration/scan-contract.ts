import Type, { type Static } from 'typebox';
import { count } from '../../kit/fields.ts';
import { fourCorners } from '../picture/contract.ts';

const closed = { additionalProperties: false };

export const scanQuestion = {
  patches: count('How many patches the tablet has', 60, 3),
  reference: Type.Array(
    Type.Number({ title: 'A density of the reference', minimum: 0, maximum: 5 }),
    {
      title: 'The densities of the reference',
      description: 'from its clearest patch to its darkest',
      minItems: 5,
      maxItems: 60,
    },
  ),
  ownTone: Type.Optional(
    Type.Boolean({
      title: 'Whether the scan has a tone curve of its own',
      description: 'as a raw or linear one has: then it is not refused for it',
    }),
  ),
  /** Where a hand laid the corners, in shares of width and height; otherwise the strips are found. */
  corners: Type.Optional(
    Type.Object(
      { tablet: fourCorners, reference: fourCorners },
      { title: 'The corners of the strips', ...closed },
    ),
  ),
};

export const ScanQuestion = Type.Object(scanQuestion, { title: 'The question', ...closed });
export type ScanQuestion = Static<typeof ScanQuestion>;

const number = Type.Number();
const patch = Type.Object({
  ...{ density: number, within: number, x: number, y: number },
  beyond: Type.Boolean(),
});

export const ScanAnswer = Type.Object({
  steps: Type.Array(patch),
  reference: Type.Array(patch),
  corners: Type.Object({ tablet: fourCorners, reference: fourCorners }),
  ...{ uneven: number, gamma: number, flare: number, rest: number },
});
export type ScanAnswer = Static<typeof ScanAnswer>;
