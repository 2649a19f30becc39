import Type, { type Static } from 'typebox';
import { count, instantMs, oneOf, stops, text, uuid, version } from '../../kit/fields.ts';
import { PaperThrough } from '../bath/through.ts';
import { FindingBody } from '../finding/contract.ts';
import { GivenFiring, switchedBy } from '../print/sheet.ts';
import { fourCorners } from '../picture/contract.ts';
import { LONGEST_SIDE } from '../picture/kinds.ts';
import { MOST_ACROSS, frameOrders } from './orders.ts';
import { MOST_PROOFS } from './limits.ts';
import { frameRatings } from './ratings.ts';

/** A sheet that a roll's frames were laid on: the light that it really got, and what it was made in. */
export const ProofSheet = Type.Object(
  {
    id: uuid('The id'),
    exposedAtMs: instantMs('When it was exposed'),
    switchedBy: Type.Optional(switchedBy),
    firings: Type.Array(GivenFiring, { title: 'Its firings', maxItems: 200 }),
    setup: FindingBody.properties.setup,
    /** So many strips were fired for its time. */
    strips: Type.Optional(count('The strips before it', 100)),
    /** The trays' baths, and its size: as much is booked on them. */
    baths: Type.Optional(PaperThrough),
  },
  { title: 'A proof sheet', additionalProperties: false },
);
export type ProofSheet = Static<typeof ProofSheet>;

/** A picture of a proof sheet, and the grid that its frames lie in. */
export const ProofPicture = Type.Object(
  {
    id: uuid('The id of the picture'),
    width: count('The width', LONGEST_SIDE, 1),
    height: count('The height', LONGEST_SIDE, 1),
    corners: fourCorners,
    columns: count('The columns', MOST_ACROSS, 1),
    rows: count('The rows', MOST_ACROSS, 1),
    first: Type.Integer({ title: 'The first frame', minimum: 0, maximum: 99 }),
    order: oneOf(
      frameOrders.map(({ id }) => id),
      'How the frames run',
    ),
  },
  { title: 'A picture of the proof', additionalProperties: false },
);
export type ProofPicture = Static<typeof ProofPicture>;

/** A roll's proof: what was seen in each frame. Its id is the roll's. */
export const ProofBody = Type.Object(
  {
    name: text('The name of the roll', 120, 1),
    frames: Type.Array(
      Type.Object(
        {
          number: Type.Integer({ title: 'The frame’s number', minimum: 0, maximum: 99 }),
          rating: Type.Optional(oneOf(frameRatings, 'The rating')),
          /** How far the negative was overexposed, or under; too light on the proof is over. */
          errorStops: Type.Optional(stops('The exposure error')),
          crop: Type.Optional(text('The crop idea', 200)),
        },
        { title: 'A frame', additionalProperties: false },
      ),
      { title: 'The frames', maxItems: 100, uniqueItemProperties: ['number'] },
    ),
    /** The sheets that it was read from. */
    sheets: Type.Optional(
      Type.Array(ProofSheet, {
        title: 'The sheets',
        maxItems: MOST_PROOFS,
        uniqueItemProperties: ['id'],
      }),
    ),
    picture: Type.Optional(ProofPicture),
  },
  { title: 'A proof', additionalProperties: false },
);
export type ProofBody = Static<typeof ProofBody>;

export const Proof = Type.Object(
  { id: uuid('The id'), version, ...ProofBody.properties },
  { title: 'A proof', additionalProperties: false },
);
export type Proof = Static<typeof Proof>;

export const proofExample: ProofBody = {
  name: 'Furnace hall, R-118',
  frames: [
    { number: 14, rating: 'pick', errorStops: -0.5, crop: 'square, without the door' },
    { number: 15, rating: 'no' },
  ],
};
