import { stepKind } from '@katachron/core';
import type { CueSound } from './sound.ts';

export const fetchNext = {
  kind: 'fetch-next',
  beeps: [
    { startSeconds: 0, lengthSeconds: 0.1, frequencyHz: 660 },
    { startSeconds: 0.18, lengthSeconds: 0.1, frequencyHz: 660 },
    { startSeconds: 0.36, lengthSeconds: 0.1, frequencyHz: 660 },
  ],
  says: ({ next }) => (next ? `Have the ${stepKind(next.kind).inSentence} ready.` : 'Nearly done.'),
} as const satisfies CueSound;
