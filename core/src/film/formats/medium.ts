import type { FilmFormat } from './format.ts';

export const medium = {
  id: 'medium',
  name: '120',
  areaCm2: 516,
  sheet: false,
} as const satisfies FilmFormat;
