import type { FiringCueKind } from '@katachron/core';
import type { Beep } from './sound.ts';

/** How a firing sounds. The light itself begins long and ends low, so that nobody needs to look. */
export const firingSounds: Record<FiringCueKind, readonly Beep[]> = {
  'count-in': [{ startSeconds: 0, lengthSeconds: 0.06, frequencyHz: 587 }],
  'lamp-on': [{ startSeconds: 0, lengthSeconds: 0.3, frequencyHz: 1047 }],
  beat: [{ startSeconds: 0, lengthSeconds: 0.04, frequencyHz: 784 }],
  // Come in: three quick ones; away: two.
  hold: [0, 0.09, 0.18].map((startSeconds) => ({
    ...{ startSeconds, lengthSeconds: 0.05, frequencyHz: 1319 },
  })),
  'let-go': [0, 0.12].map((startSeconds) => ({
    ...{ startSeconds, lengthSeconds: 0.08, frequencyHz: 1568 },
  })),
  'lamp-off': [
    { startSeconds: 0, lengthSeconds: 0.15, frequencyHz: 392 },
    { startSeconds: 0.2, lengthSeconds: 0.15, frequencyHz: 392 },
  ],
};
