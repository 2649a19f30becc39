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
      }),
    ),
    layers: Type.Optional(Type.Object({ slope: number, span: number })),
    rest: Type.Optional(number),
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
      dMin: 0.0599,
      dMax: 2.1519,
      settings: [
        {
          id: '1.5',
          range: 118.7793,
          rangeWithin: 0.4762,
          speedStops: 0,
          speedWithin: 0.0056,
          residuals: [
            -0.0018, -0.0012, 0.0026, 0.0049, 0.0033, -0.0042, 0.0027, -0.0014, 0, -0.0008, 0.0038,
            -0.0035, 0.002, -0.001, -0.0017, -0.0002, 0.0001, 0.0001, 0.0001, 0.0001, 0.0001,
          ],
        },
        {
          id: '4',
          range: 72.3765,
          rangeWithin: 0.3805,
          speedStops: -0.8515,
          speedWithin: 0.0034,
          residuals: [
            -0.0019, -0.0016, 0, 0, -0.0021, -0.0003, 0.0009, 0, -0.002, 0.0023, 0.003, -0.0028,
            -0.0004, 0, 0.0001, 0.0001, 0.0001, 0.0001, 0.0001, 0.0001, 0.0001,
          ],
        },
      ],
      layers: { slope: 5.2493, span: 1.6536 },
      rest: 0.0019,
    },
  },
  answer: ({ dMin, dMax, settings, layers, rest }) => ({
    dMin,
    dMax,
    settings: settings.map(
      ({ id, range, rangeWithin, speedStops, speedWithin, residuals = [] }) => ({
        ...{ id, range, rangeWithin, speedStops, speedWithin },
        residuals: [...residuals],
      }),
    ),
    ...(layers && { layers }),
    ...(rest !== undefined && { rest }),
  }),
});
