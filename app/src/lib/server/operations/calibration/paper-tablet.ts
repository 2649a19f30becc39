import Type from 'typebox';
import { paperTablet } from '../../../nouns/calibration/kinds/paper-tablet.ts';
import { operationOfKind } from './of-kind.ts';

const number = Type.Number();

const printed = {
  soft: [
    2.15, 2.15, 2.15, 2.13, 2.02, 1.72, 1.37, 1.07, 0.83, 0.62, 0.43, 0.25, 0.12, 0.07, 0.06, 0.06,
    0.06, 0.06, 0.06, 0.06, 0.06,
  ],
  hard: [
    2.15, 2.15, 2.15, 2.14, 2.08, 1.82, 1.24, 0.7, 0.35, 0.15, 0.08, 0.06, 0.06, 0.06, 0.06, 0.06,
    0.06, 0.06, 0.06, 0.06, 0.06,
  ],
};

export const paperTabletOperation = operationOfKind({
  kind: paperTablet,
  id: 'paper-tablet',
  summary: 'Range, speed, white and black of a paper by a step tablet printed at its settings',
  unnamed: ['paper'],
  response: Type.Object({
    dMin: number,
    dMax: number,
    settings: Type.Array(
      Type.Object({
        id: Type.String(),
        range: number,
        rangeWithin: number,
        speedStops: number,
        speedWithin: number,
        residuals: Type.Array(number),
        /** Steps, counted from 1, that fit none of those beside them. */
        oddSteps: Type.Array(Type.Integer()),
      }),
    ),
    layers: Type.Optional(Type.Object({ slope: number, span: number })),
    rest: Type.Optional(number),
    misfit: Type.Optional(Type.Boolean()),
  }),
  example: {
    request: {
      contrastSetId: 'filters',
      prints: [
        { setting: '1½', seconds: 12, values: printed.soft },
        { setting: '4', seconds: 12, values: printed.hard },
      ],
    },
    response: {
      dMin: 0.0592,
      dMax: 2.152,
      settings: [
        {
          id: '1.5',
          range: 119.2632,
          rangeWithin: 2.7172,
          speedStops: 0,
          speedWithin: 0.0279,
          residuals: [
            -0.0019, -0.0012, 0.0027, 0.0034, 0.0002, -0.0007, -0.0001, -0.0002, 0.0001, -0.0001,
            0.0007, 0.0012, -0.001, -0.0045, -0.0027, 0.0001, 0.0008, 0.001, 0.0011, 0.0011, 0.0011,
          ],
          oddSteps: [],
        },
        {
          id: '4',
          range: 73.1241,
          rangeWithin: 2.6139,
          speedStops: -0.8514,
          speedWithin: 0.0227,
          residuals: [
            -0.0018, -0.0014, 0.0005, 0.001, 0.0001, 0, -0.0001, -0.0001, 0.0004, 0.0001, -0.0001,
            -0.0035, -0.0002, 0.0004, 0.0006, 0.0006, 0.0006, 0.0006, 0.0006, 0.0006, 0.0006,
          ],
          oddSteps: [],
        },
      ],
      layers: { slope: 5.2493, span: 1.6536 },
      rest: 0.0019,
      misfit: false,
    },
  },
  answer: ({ dMin, dMax, settings, layers, rest, misfit }) => ({
    dMin,
    dMax,
    settings: settings.map(
      ({ id, range, rangeWithin, speedStops, speedWithin, residuals, odd }) => ({
        ...{ id, range, rangeWithin, speedStops, speedWithin },
        residuals: [...residuals],
        oddSteps: odd.map((index) => index + 1),
      }),
    ),
    ...(layers && { layers, rest, misfit }),
  }),
});
