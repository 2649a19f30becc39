import { addStops } from '../../quantity/stops.ts';
import type { StripKind } from './kind.ts';

export const doubling = {
  id: 'doubling',
  name: 'doubling',
  step: 'fixed',
  usualStep: 1,
  seconds: (first, _step, index) => addStops(first, index),
} as const satisfies StripKind;
