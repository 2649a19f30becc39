import { bathPlace } from './places.ts';
import type { Through } from './through.ts';

/** The baths of the places that were reached, each once: a sheet that is fixed twice in one bath fills it once. */
export const reached = (baths: Through, kinds: readonly string[]): string[] => [
  ...new Set(
    baths
      .filter(({ place }) => bathPlace(place).kinds.some((kind) => kinds.includes(kind)))
      .map(({ id }) => id),
  ),
];
