export * from './step-tablet.ts';
export * from './tablet-exposure.ts';
export * from './speed-by-eye.ts';
export {
  FILM_READING,
  ISO_DENSITY,
  ISO_LOG,
  exposureIndexAt,
  filmDensities,
} from './film-densities.ts';
export type { FilmDensities, FilmReading } from './film-densities.ts';
export * from './iso-film-speed.ts';
export * from './development-series.ts';
export * from './steps-on-print.ts';
export * from './reciprocity.ts';
export * from './reciprocity-from-tests.ts';
export { PAPER_READING, countedRange, printedTablet, relativeSpeed } from './printed-tablet.ts';
export type { CountedRange, MeasuredTablet, PrintedTablet } from './printed-tablet.ts';
export * from './layers.ts';
export * from './grey-print.ts';
export * from './safelight.ts';
export * from './thermometers.ts';
export * from './lag-known.ts';
export * from './blind-pairs.ts';
export * from './quick-film-test.ts';
export * from './loss-from-tests.ts';
export * from './flash-threshold.ts';
export * from './fit-paper.ts';
export * from './fit-film.ts';
export * from './scan/read-tablet.ts';
export type { GreyImage, Spot as ScanSpot } from './scan/grey-image.ts';
export type { StripCorners } from './scan/strips.ts';
