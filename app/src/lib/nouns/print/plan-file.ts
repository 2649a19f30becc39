import Type, { type Static } from 'typebox';
import { isoRange, oneOf, seconds, text } from '../../kit/fields.ts';
import { ShownPicture, outlineId } from '../picture/contract.ts';
import { contrastSetId, settingId } from '../strip/contract.ts';
import { MOST_AREAS } from './limits.ts';
import { areaGiven } from './sheet.ts';

/** What the first field of a plan's file says. */
export const PLAN_FORMAT = 'katachron-plan';
/** A picture of 2048 pixels and forty drawn areas are less than this, bytes. */
export const MOST_PLAN_BYTES = 6e6;

const { id: _here, ...shown } = ShownPicture.properties;

/** A plan as JSON, with its picture; its schema is published beside it. */
export const PlanFile = Type.Object(
  {
    format: Type.Literal(PLAN_FORMAT, { title: 'The format' }),
    version: Type.Literal(1, { title: 'The version of the format' }),
    title: Type.Optional(text('The name of the print', 120)),
    paper: Type.Optional(text('The paper', 80)),
    contrastSetId: Type.Optional(contrastSetId),
    /** What the whole sheet got; another print has its own. */
    base: Type.Optional(
      Type.Object(
        { settingId, seconds: seconds('The exposure'), range: isoRange('The paper’s range') },
        { title: 'The base', additionalProperties: false },
      ),
    ),
    areas: Type.Array(
      Type.Object(
        { name: text('The area', 60), ...areaGiven },
        { title: 'An area', additionalProperties: false },
      ),
      { title: 'The areas', maxItems: MOST_AREAS },
    ),
    hands: Type.Optional(oneOf(['one', 'two'] as const, 'How many hands hold back')),
    keyLineSeconds: Type.Optional(seconds('The key line')),
    flashAfter: Type.Optional(Type.Boolean({ title: 'The flash comes after the rest' })),
    outline: Type.Optional(outlineId),
    picture: Type.Optional(
      Type.Object(
        {
          ...shown,
          /** The picture as a WebP file, in Base64. */
          webp: Type.String({
            ...{ title: 'The picture', minLength: 1, maxLength: MOST_PLAN_BYTES },
            contentEncoding: 'base64',
            contentMediaType: 'image/webp',
          }),
        },
        { title: 'The picture', additionalProperties: false },
      ),
    ),
  },
  { title: 'A plan', additionalProperties: false },
);
export type PlanFile = Static<typeof PlanFile>;
