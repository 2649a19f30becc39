import { bubbles } from './bubbles.ts';
import { dryingMarks } from './drying-marks.ts';
import { fog } from './fog.ts';
import { milky } from './milky.ts';
import { reticulation } from './reticulation.ts';
import { scratches } from './scratches.ts';
import { unevenEdges } from './uneven-edges.ts';

export type { NegativeMark } from './mark.ts';

/** Every flaw that a negative is looked over for. */
export const negativeMarks = [
  bubbles,
  unevenEdges,
  milky,
  dryingMarks,
  scratches,
  reticulation,
  fog,
] as const;

export type NegativeMarkId = (typeof negativeMarks)[number]['id'];
