import type { FilmFormat } from './format.ts';

export const eightByTen = {
  id: 'eight-by-ten',
  name: '8×10 in sheet',
  areaCm2: 516,
  sheet: true,
} as const satisfies FilmFormat;
