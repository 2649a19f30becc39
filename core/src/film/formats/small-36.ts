import type { FilmFormat } from './format.ts';

export const small36 = {
  id: 'small-36',
  name: '135-36',
  areaCm2: 516,
  sheet: false,
} as const satisfies FilmFormat;
