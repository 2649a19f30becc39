import type { CueSound } from './sound.ts';

export const leadIn = {
  kind: 'lead-in',
  beeps: [{ startSeconds: 0, lengthSeconds: 0.06, frequencyHz: 740 }],
  says: () => '',
} as const satisfies CueSound;
