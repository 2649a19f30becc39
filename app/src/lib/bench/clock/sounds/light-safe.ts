import type { CueSound } from './sound.ts';

export const lightSafe = {
  kind: 'light-safe',
  beeps: [
    { startSeconds: 0, lengthSeconds: 0.5, frequencyHz: 392 },
    { startSeconds: 0.6, lengthSeconds: 0.5, frequencyHz: 587 },
  ],
  says: () => 'Light is safe now.',
} as const satisfies CueSound;
