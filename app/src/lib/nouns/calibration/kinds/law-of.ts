import {
  powerLaw,
  reciprocityFromTests,
  Refusal,
  tableLaw,
  type NeededTime,
  type ReciprocityLaw,
} from '@katachron/core';
import { attempt } from '../../../words/attempt.ts';
import type { Calibration } from '../contract.ts';
import { sameName } from '../../../words/same-name.ts';

/** What is known of a film's reciprocity. */
export interface ReciprocityGiven {
  readonly film: string;
  readonly from: string;
  readonly points: readonly NeededTime[];
  readonly power?: number;
}

/**
 * The law that a reciprocity test leads to.
 * @throws Refusal where nothing was given that leads to one
 */
export function lawOf({ from, points, power }: Omit<ReciprocityGiven, 'film'>): ReciprocityLaw {
  if (from === 'table') return tableLaw(points);
  if (from === 'tests') return powerLaw(reciprocityFromTests(points).power);
  if (power === undefined) throw new Refusal('power', '/power', 'Give the power, as 1.3.');
  return powerLaw(power);
}

/** The law of a film by its newest test that leads to one. */
export function lawOfFilm(
  found: readonly Calibration[],
  film: string,
): { readonly law: ReciprocityLaw; readonly foundAtMs: number } | undefined {
  const tests = found
    .filter(({ kind, given }) => kind === 'reciprocity' && sameName(String(given.film), film))
    .toSorted((a, b) => b.foundAtMs - a.foundAtMs);
  for (const { given, foundAtMs } of tests) {
    const law = attempt(() => lawOf(given as unknown as ReciprocityGiven)).value;
    if (law) return { law, foundAtMs };
  }
  return undefined;
}
