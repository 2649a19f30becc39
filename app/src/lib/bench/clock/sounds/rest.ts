import type { CueSound } from './sound.ts';

export const rest = {
  kind: 'rest',
  beeps: [{ startSeconds: 0, lengthSeconds: 0.25, frequencyHz: 440 }],
  says: () => 'Rest.',
} as const satisfies CueSound;
