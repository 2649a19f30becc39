import { contrastSet, defaultPaper, readSpots } from '@katachron/core';
import Type from 'typebox';
import { netDensity, orNull, seconds } from '../../kit/fields.ts';
import { contrastSetId, settingId } from '../../nouns/strip/contract.ts';
import { operation } from './operation.ts';

const spot = {
  logLight: Type.Number({
    title: 'The light',
    minimum: -10,
    maximum: 10,
    description: 'log10, on any scale; minus the density for a reading of the negative',
  }),
  netDensity: netDensity('The tone wanted'),
};
const Spot = Type.Object(spot, { title: 'A place', additionalProperties: false });

export const readingsOperation = operation({
  id: 'readings',
  summary: 'Contrast and time from readings of a probe or densities, instead of a strip',
  request: Type.Object(
    {
      contrastSetId,
      highlight: Spot,
      shadow: Spot,
      others: Type.Array(Spot, { title: 'Further places', maxItems: 20 }),
      known: Type.Optional(
        Type.Object(
          { ...spot, seconds: seconds('What it got'), settingId },
          { title: 'A print that was right', additionalProperties: false },
        ),
      ),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    range: Type.Number(),
    settingId: Type.String(),
    beyond: orNull<string>(Type.String()),
    seconds: orNull<number>(Type.Number()),
    spots: Type.Array(Type.Object({ netDensity: Type.Number(), missStops: Type.Number() })),
  }),
  example: {
    request: {
      contrastSetId: 'filters',
      highlight: { logLight: -1.42, netDensity: 0.1 },
      shadow: { logLight: -0.66, netDensity: 1.72 },
      others: [{ logLight: -1.02, netDensity: 0.68 }],
      known: { logLight: -1.3, netDensity: 0.1, seconds: 10.6, settingId: '2' },
    },
    response: {
      range: 91.5,
      settingId: '3',
      beyond: null,
      seconds: 15.9,
      spots: [
        { netDensity: 0.1, missStops: 0 },
        { netDensity: 1.761, missStops: -0.0485 },
        { netDensity: 0.705, missStops: -0.041 },
      ],
    },
  },
  run: ({ contrastSetId: setId, highlight, shadow, others, known }) => {
    const set = contrastSet(setId);
    const places = { highlight, shadow, others, ...(known && { known }) };
    const { range, setting, beyond, seconds: time, spots } = readSpots(defaultPaper, set, places);
    return { range, settingId: setting.id, beyond, seconds: time ?? null, spots: [...spots] };
  },
});
