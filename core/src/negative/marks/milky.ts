import type { NegativeMark } from './mark.ts';

export const milky = {
  id: 'milky',
  name: 'milky or purple-grey patches',
  cause: 'Films touched on the reel, or the fixer is spent.',
  change: 'Fix again now in fresh fixer; test the fixer with a scrap, and load with care.',
} as const satisfies NegativeMark;
