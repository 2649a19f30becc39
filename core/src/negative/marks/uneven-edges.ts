import type { NegativeMark } from './mark.ts';

export const unevenEdges = {
  id: 'uneven-edges',
  name: 'streaks or denser edges',
  cause: 'The developer moved unevenly.',
  change: 'Turn gently, a little further round each time, and the same way every roll.',
} as const satisfies NegativeMark;
