import type { FilmRecipe } from '../src/index.ts';

/** The published table of the worked example: 18 °C 11:30, 20 °C 9:30, 22 °C 7:50, 24 °C 6:30. */
export const tableRecipe: FilmRecipe = {
  film: 'Halden 400',
  boxSpeed: 400,
  developer: 'Tansy',
  dilution: [1, 31],
  exposureIndex: 400,
  agitation: 'each-minute',
  points: [
    { temperatureC: 18, seconds: 690 },
    { temperatureC: 20, seconds: 570 },
    { temperatureC: 22, seconds: 470 },
    { temperatureC: 24, seconds: 390 },
  ],
  source: 'data-sheet',
};

/** One temperature only: 9:00 at 20 °C. */
export const singleRecipe: FilmRecipe = {
  ...tableRecipe,
  points: [{ temperatureC: 20, seconds: 540 }],
};

/** Minutes and seconds as seconds. */
export const at = (minutes: number, seconds = 0) => minutes * 60 + seconds;
