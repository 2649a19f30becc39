import type { CookiePart } from '../../kit/draft.svelte.ts';
import type { FilmDraft } from './draft.ts';

/** What of the film page is there at its first paint: recipe, speed, temperature and volume before anything else. */
export const filmCookie: CookiePart<FilmDraft> = {
  most: 480,
  firstToGo: [
    ...([
      ['through', {}],
      ['afterwards', {}],
      ['agitations', {}],
      ['baths', {}],
      ['times', {}],
    ] as const),
    ...([
      ['title', ''],
      ['waterBath', ''],
      ['warmTo', ''],
      ['atLeast', ''],
    ] as const),
    ...([
      ['follows', ''],
      ['room', ''],
      ['films', ''],
      ['kinds', []],
    ] as const),
    ...([
      ['rollsBefore', ''],
      ['tankId', ''],
    ] as const),
  ],
  needed: ['title', 'times', 'kinds'],
};
