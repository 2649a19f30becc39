import { addStops } from '../../quantity/stops.ts';
import type { StripKind } from './kind.ts';

export const stops = {
  id: 'stops',
  name: 'fractions of a stop',
  step: 'stops',
  usualStep: 0.5,
  seconds: (first, step, index) => addStops(first, step * index),
} as const satisfies StripKind;
