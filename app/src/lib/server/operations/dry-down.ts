import { addStops, learnDryDown, percentInStops } from '@katachron/core';
import Type from 'typebox';
import { oneOf, seconds, stops } from '../../kit/fields.ts';
import { operation } from './operation.ts';

export const dryDownOperation = operation({
  id: 'dry-down',
  summary: 'What a paper darkens on drying, by its test or by dry verdicts, and the time less that',
  request: Type.Object(
    {
      seconds: seconds('The exposure, judged wet'),
      base: Type.Optional(oneOf(['fibre', 'resin-coated'] as const, 'The paper’s base')),
      verdicts: Type.Optional(
        Type.Array(stops('A dry verdict'), { title: 'The dry verdicts', maxItems: 1000 }),
      ),
      matchedPercent: Type.Optional(
        Type.Number({
          ...{ title: 'The dried print that matches the wet one', minimum: 0, maximum: 50 },
          description: '% less light',
        }),
      ),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    stops: Type.Number(),
    withinStops: Type.Optional(Type.Number()),
    seconds: Type.Number(),
  }),
  example: {
    request: { seconds: 21.5, matchedPercent: 8 },
    response: { stops: 0.1203, seconds: 19.78 },
  },
  run: ({ seconds: wet, base, verdicts = [], matchedPercent }) => {
    // A test says it outright; verdicts teach it from what is usual for the base.
    if (matchedPercent !== undefined) {
      const tested = -percentInStops(-matchedPercent);
      return { stops: tested, seconds: addStops(wet, -tested) };
    }
    const { stops: learned, withinStops } = learnDryDown(verdicts, base);
    return { stops: learned, withinStops, seconds: addStops(wet, -learned) };
  },
});
