import { stepKind } from '@katachron/core';
import type { CueSound } from './sound.ts';

export const timeUp = {
  kind: 'time-up',
  beeps: [{ startSeconds: 0, lengthSeconds: 1.2, frequencyHz: 988 }],
  says: ({ next }) => (next ? `Time. ${stepKind(next.kind).inSentence} in.` : 'Time. Done.'),
} as const satisfies CueSound;
