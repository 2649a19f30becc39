import Type from 'typebox';
import { filmSpeedEye } from '../../../nouns/calibration/kinds/film-speed-eye.ts';
import { operationOfKind } from './of-kind.ts';

export const filmSpeedOperation = operationOfKind({
  kind: filmSpeedEye,
  id: 'film-speed',
  summary: 'Film speed by the last step seen, and the development by the steps on a print',
  unnamed: ['film'],
  response: Type.Object({
    exposureIndex: Type.Number(),
    nearest: Type.Number(),
    stopsLess: Type.Number(),
    withinStops: Type.Number(),
    print: Type.Optional(
      Type.Object({
        gradient: Type.Number(),
        wantedGradient: Type.Number(),
        n: Type.Number(),
        seconds: Type.Number(),
        ruleOfThumb: Type.Boolean(),
      }),
    ),
  }),
  example: {
    request: {
      ...{ exposedAt: 320, lastStep: 17, developedSeconds: 480 },
      ...{ printSteps: 11, paperRange: 110, growth: 0.3175 },
    },
    response: {
      exposureIndex: 113.5403,
      nearest: 125,
      stopsLess: 1.4949,
      withinStops: 0.5,
      print: {
        gradient: 0.6667,
        wantedGradient: 0.5641,
        n: 1,
        seconds: 347.4948,
        ruleOfThumb: false,
      },
    },
  },
  answer: ({ speed, print }) => ({ ...speed, ...(print && { print }) }),
});
