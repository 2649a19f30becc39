import { stepKind } from '@katachron/core';
import type { CueSound } from './sound.ts';

export const over = {
  kind: 'over',
  beeps: [
    { startSeconds: 0, lengthSeconds: 0.4, frequencyHz: 330 },
    { startSeconds: 0.5, lengthSeconds: 0.4, frequencyHz: 330 },
  ],
  says: ({ step }) => `The ${stepKind(step.kind).inSentence} runs over.`,
} as const satisfies CueSound;
