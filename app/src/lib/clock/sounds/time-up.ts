import type { CueSound } from './sound.ts';

export const timeUp = {
  kind: 'time-up',
  beeps: [{ startSeconds: 0, lengthSeconds: 1.2, frequencyHz: 988 }],
} as const satisfies CueSound;
