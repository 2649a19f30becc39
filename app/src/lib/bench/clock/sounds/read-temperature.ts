import type { CueSound } from './sound.ts';

export const readTemperature = {
  kind: 'read-temperature',
  beeps: [
    { startSeconds: 0, lengthSeconds: 0.1, frequencyHz: 587 },
    { startSeconds: 0.25, lengthSeconds: 0.1, frequencyHz: 587 },
    { startSeconds: 0.5, lengthSeconds: 0.1, frequencyHz: 587 },
  ],
  says: () => 'Read the temperature.',
} as const satisfies CueSound;
