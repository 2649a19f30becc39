import type { FilmFormat } from './format.ts';

export const fourByFive = {
  id: 'four-by-five',
  name: '4×5 in sheet',
  areaCm2: 129,
  sheet: true,
} as const satisfies FilmFormat;
