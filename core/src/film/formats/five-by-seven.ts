import type { FilmFormat } from './format.ts';

export const fiveBySeven = {
  id: 'five-by-seven',
  name: '5×7 in sheet',
  areaCm2: 226,
  sheet: true,
} as const satisfies FilmFormat;
