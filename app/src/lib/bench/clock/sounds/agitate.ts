import type { CueSound } from './sound.ts';

export const agitate = {
  kind: 'agitate',
  beeps: [
    { startSeconds: 0, lengthSeconds: 0.12, frequencyHz: 880 },
    { startSeconds: 0.2, lengthSeconds: 0.12, frequencyHz: 880 },
  ],
  says: ({ vessel }) => (vessel === 'trays' ? 'Shuffle.' : 'Turn.'),
} as const satisfies CueSound;
