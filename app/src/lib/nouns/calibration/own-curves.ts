import { fitFilm, type FilmCharacter, type FilmDevelopment } from '@katachron/core';
import { sameName } from '../../words/same-name.ts';
import { attempt } from '../../words/attempt.ts';
import type { Calibration } from './contract.ts';
import { stepsOf } from './kinds/tablet.ts';

/** A film whose own curve is known by a test of its densities. */
export interface OwnCurve {
  readonly film: string;
  readonly foundAtMs: number;
  readonly character: FilmCharacter;
}

interface Development {
  readonly seconds: number;
  readonly baseFog: number;
  readonly values: readonly number[];
}

/** Every film with a curve of its own, each by its newest test that tells one. */
export function ownCurves(calibrations: readonly Calibration[]): OwnCurve[] {
  const curves = new Map<string, OwnCurve>();
  const tests = calibrations
    .filter(({ kind }) => kind === 'film-densities')
    .toSorted((a, b) => b.foundAtMs - a.foundAtMs);
  for (const { given, foundAtMs } of tests) {
    const { film, developments, stepCount, tabletStep } = given as {
      readonly stepCount?: string;
      readonly tabletStep?: string;
      readonly film: string;
      readonly developments: readonly Development[];
    };
    const key = film.trim().toLowerCase();
    if (curves.has(key)) continue;
    const asked = developments.map(({ values, ...rest }): FilmDevelopment => ({
      ...rest,
      densities: values,
    }));
    const fitted = attempt(() => fitFilm(stepsOf({ stepCount, tabletStep }), asked)).value;
    if (fitted) curves.set(key, { film, foundAtMs, character: fitted.film });
  }
  return [...curves.values()];
}

/** The own curve of a film, where a test told one. */
export const ownCurve = (curves: readonly OwnCurve[], film: string): OwnCurve | undefined =>
  curves.find((curve) => sameName(curve.film, film));
