import Type from 'typebox';
import { filmDensities } from '../../../nouns/calibration/kinds/film-densities.ts';
import { operationOfKind } from './of-kind.ts';

const number = Type.Number();
const maybe = Type.Optional(Type.Number());

const densities = {
  short: [
    1.52, 1.44, 1.37, 1.3, 1.22, 1.15, 1.07, 1.0, 0.92, 0.85, 0.77, 0.7, 0.62, 0.55, 0.48, 0.41,
    0.35, 0.31, 0.29, 0.27, 0.26,
  ],
  long: [
    2.28, 2.17, 2.06, 1.95, 1.84, 1.73, 1.61, 1.5, 1.39, 1.27, 1.15, 1.04, 0.92, 0.81, 0.7, 0.59,
    0.5, 0.42, 0.36, 0.33, 0.31,
  ],
};

export const developmentSeriesOperation = operationOfKind({
  kind: filmDensities,
  id: 'development-series',
  summary: 'Film speed and gradients by densities, and the times for N−2 to N+2',
  unnamed: ['film'],
  response: Type.Object({
    developments: Type.Array(
      Type.Object({
        seconds: number,
        exposureIndex: number,
        speedStep: number,
        withinStops: number,
        isoGradient: maybe,
        averageGradient: maybe,
      }),
    ),
    a: maybe,
    b: maybe,
    times: Type.Array(
      Type.Object({
        n: number,
        gradient: number,
        seconds: number,
        withinShare: number,
        nearingSeconds: maybe,
        lawsPart: Type.Boolean(),
        outside: Type.Boolean(),
      }),
    ),
  }),
  example: {
    request: {
      exposedAt: 100,
      developments: [
        { seconds: 330, baseFog: 0.26, values: densities.short },
        { seconds: 690, baseFog: 0.3, values: densities.long },
      ],
    },
    response: {
      developments: [
        {
          seconds: 330,
          exposureIndex: 48.4954,
          speedStep: 16.9047,
          withinStops: 0.1342,
          isoGradient: 0.4799,
          averageGradient: 0.4859,
        },
        {
          seconds: 690,
          exposureIndex: 78.7742,
          speedStep: 18.3092,
          withinStops: 0.1287,
          isoGradient: 0.7032,
          averageGradient: 0.7228,
        },
      ],
      a: -1.3758,
      b: 0.321,
      times: [
        {
          n: -2,
          gradient: 0.4429,
          seconds: 288.61,
          withinShare: 0.0441,
          lawsPart: false,
          outside: true,
        },
        {
          n: -1,
          gradient: 0.4983,
          seconds: 342.931,
          withinShare: 0.0395,
          lawsPart: false,
          outside: false,
        },
        {
          n: 0,
          gradient: 0.5695,
          seconds: 428.0562,
          withinShare: 0.036,
          lawsPart: false,
          outside: false,
        },
        {
          n: 1,
          gradient: 0.6644,
          seconds: 575.2979,
          withinShare: 0.0369,
          lawsPart: false,
          outside: false,
        },
        {
          n: 2,
          gradient: 0.7973,
          seconds: 870.2452,
          withinShare: 0.0473,
          lawsPart: false,
          outside: true,
        },
      ],
    },
  },
  answer: ({ films, series }) => ({
    developments: films.map((film) => ({
      seconds: film.seconds,
      exposureIndex: film.exposureIndex,
      speedStep: film.speedStep,
      withinStops: film.within.speedStops,
      ...(film.isoGradient !== undefined && { isoGradient: film.isoGradient }),
      ...(film.averageGradient !== undefined && { averageGradient: film.averageGradient }),
    })),
    ...(series && { a: series.a, b: series.b }),
    times: [...(series?.times ?? [])],
  }),
});
