import type { CueSound } from './sound.ts';

export const pourOut = {
  kind: 'pour-out',
  beeps: [
    { startSeconds: 0, lengthSeconds: 0.15, frequencyHz: 523 },
    { startSeconds: 0.2, lengthSeconds: 0.15, frequencyHz: 659 },
    { startSeconds: 0.4, lengthSeconds: 0.15, frequencyHz: 784 },
    { startSeconds: 0.6, lengthSeconds: 0.3, frequencyHz: 1047 },
  ],
  says: ({ vessel, next }) =>
    next ? (vessel === 'trays' ? 'Lift, and let it drip.' : 'Pour out.') : 'Take it out.',
} as const satisfies CueSound;
