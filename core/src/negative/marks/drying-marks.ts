import type { NegativeMark } from './mark.ts';

export const dryingMarks = {
  id: 'drying-marks',
  name: 'drying marks',
  cause: 'Water dried on the film in drops.',
  change: 'Fresh wetting agent, more dilute, and leave the film alone while it hangs.',
} as const satisfies NegativeMark;
