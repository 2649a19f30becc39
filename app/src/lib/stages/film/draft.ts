import Type, { type Static } from 'typebox';
import { agitation } from '../../nouns/agitation/contract.ts';
import { oneOf, text, typed } from '../../kit/fields.ts';
import { afterwards, stepKindId, vessel } from '../../nouns/process/contract.ts';
import { volumeUnits } from '../../words/volume.ts';
import { filmFormatId } from '../../nouns/tank/contract.ts';

/** The film page as it was left. */
export const FilmDraft = Type.Object(
  {
    title: text('The name of the roll', 120),
    recipeId: Type.String({ maxLength: 40 }),
    exposureIndex: typed,
    temperature: typed,
    volume: typed,
    /** The unit that the volume was typed in; ml where nobody chose another. */
    volumeUnit: Type.Optional(oneOf(volumeUnits, 'The unit of volume')),
    /** The room's temperature and the tank's time constant in minutes, where the drift is followed. */
    room: Type.Optional(typed),
    follows: Type.Optional(typed),
    /** The reverse question: a time that the development should at least take. */
    atLeast: Type.Optional(typed),
    kinds: Type.Array(stepKindId, { maxItems: 14 }),
    /** Own times of the steps, as typed. */
    times: Type.Record(Type.String({ maxLength: 20 }), typed, { maxProperties: 14 }),
    /** Agitation of steps, and what becomes of their baths, where it is not the usual. */
    agitations: Type.Optional(
      Type.Record(Type.String({ maxLength: 20 }), agitation, { maxProperties: 14 }),
    ),
    afterwards: Type.Optional(
      Type.Record(Type.String({ maxLength: 20 }), afterwards, { maxProperties: 14 }),
    ),
    vessel: Type.Optional(vessel),
    /** The exposed roll that goes to the sink; empty for one that was not written down before. */
    rollId: Type.Optional(Type.String({ maxLength: 40 })),
    rollsBefore: Type.Optional(typed),
    /** N− to N+. */
    n: Type.Optional(Type.Integer({ minimum: -5, maximum: 5 })),
    tankId: Type.Optional(Type.String({ maxLength: 40 })),
    format: Type.Optional(filmFormatId),
    films: Type.Optional(typed),
    /** The temperature that the bottle should have, and the water bath to bring it there. */
    warmTo: Type.Optional(typed),
    waterBath: Type.Optional(typed),
    /** What the other baths read before the start, by step. */
    baths: Type.Optional(Type.Record(Type.String({ maxLength: 20 }), typed, { maxProperties: 14 })),
    /** The baths it goes through, by place, where they are not those that would be taken. */
    through: Type.Optional(
      Type.Record(Type.String({ maxLength: 20 }), Type.String({ maxLength: 40 }), {
        maxProperties: 14,
      }),
    ),
    /** What was set of its own was set for another roll, and nobody has said that it holds for this one. */
    fromLast: Type.Optional(Type.Boolean()),
  },
  { additionalProperties: false },
);
export type FilmDraft = Static<typeof FilmDraft>;
