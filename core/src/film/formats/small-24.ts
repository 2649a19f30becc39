import type { FilmFormat } from './format.ts';

export const small24 = {
  id: 'small-24',
  name: '135-24',
  areaCm2: 358,
  sheet: false,
} as const satisfies FilmFormat;
