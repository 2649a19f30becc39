import { measuredMix } from '@katachron/core';
import Type from 'typebox';
import { dilution, volumeMl } from '../../../kit/fields.ts';
import { VesselBody } from '../../../nouns/vessel/contract.ts';
import { operation } from '../operation.ts';

export const mixOperation = operation({
  id: 'mix',
  summary: 'What to measure for a working solution, with the vessels that are there',
  request: Type.Object(
    {
      volumeMl: volumeMl('The volume wanted'),
      dilution,
      vessels: Type.Array(VesselBody, { title: 'The vessels', maxItems: 40 }),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    parts: Type.Array(
      Type.Object({
        exactMl: Type.Number(),
        pouredMl: Type.Number(),
        by: Type.Optional(
          Type.Object({
            vessel: Type.String(),
            fills: Type.Integer(),
            rounding: Type.Number(),
            reading: Type.Number(),
            tooSmall: Type.Boolean(),
          }),
        ),
      }),
    ),
    largerBatchMl: Type.Optional(Type.Number()),
    syringeDivisionMl: Type.Optional(Type.Number()),
  }),
  example: {
    request: {
      volumeMl: 655,
      dilution: [1, 39],
      vessels: [{ name: 'graduate', holdsMl: 100, divisionMl: 2 }],
    },
    response: {
      parts: [
        {
          exactMl: 16.375,
          pouredMl: 16,
          by: { vessel: 'graduate', fills: 1, rounding: -0.0229, reading: 0.06107, tooSmall: true },
        },
        { exactMl: 638.625, pouredMl: 639 },
      ],
      largerBatchMl: 800,
      syringeDivisionMl: 1.6375,
    },
  },
  run: ({ volumeMl: wanted, dilution: parts, vessels }) => {
    const mix = measuredMix(wanted, parts, vessels);
    return {
      ...mix,
      parts: mix.parts.map(({ exactMl, pouredMl, by }) => ({
        ...{ exactMl, pouredMl },
        ...(by && {
          by: {
            ...{ vessel: by.vessel.name, fills: by.fills, rounding: by.rounding },
            ...{ reading: by.reading, tooSmall: by.tooSmall },
          },
        }),
      })),
    };
  },
});
