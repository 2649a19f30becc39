import type { StripKind } from './kind.ts';

export const equalSeconds = {
  id: 'equal-seconds',
  name: 'equal seconds',
  step: 'seconds',
  usualStep: 2,
  seconds: (first, step, index) => first + step * index,
} as const satisfies StripKind;
