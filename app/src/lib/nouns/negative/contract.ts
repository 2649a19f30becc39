import Type, { type Static } from 'typebox';
import { oneOf, uuid } from '../../kit/fields.ts';
import { fourCorners } from '../picture/contract.ts';
import { frameRatings } from '../proof/ratings.ts';

/** A negative that may be printed. */
export const Negative = Type.Object(
  {
    /** "R-118 / 14": the roll's number and the frame. */
    name: Type.String({ title: 'The negative' }),
    rating: Type.Optional(oneOf(frameRatings, 'The rating')),
    /** What the frame shows, and how it may be cropped. */
    about: Type.String({ title: 'What it shows' }),
    /** Where it lies on a picture of its proof. */
    picture: Type.Optional(
      Type.Object(
        { id: uuid('The id of the picture'), corners: fourCorners },
        { title: 'Its small picture', additionalProperties: false },
      ),
    ),
  },
  { title: 'A negative', additionalProperties: false },
);
export type Negative = Static<typeof Negative>;
