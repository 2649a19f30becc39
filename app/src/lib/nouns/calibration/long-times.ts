import { lossFromTests, type LongExposureLoss, type NeededTime } from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { sameName } from '../../words/same-name.ts';
import type { Calibration } from './contract.ts';

/** What a paper loses in long exposures, by its newest test that tells it. */
export function lossOfPaper(
  found: readonly Calibration[],
  paper: string,
): { readonly loss: LongExposureLoss; readonly foundAtMs: number } | undefined {
  const tests = found
    .filter(
      ({ kind, given }) => kind === 'paper-reciprocity' && sameName(String(given.paper), paper),
    )
    .toSorted((a, b) => b.foundAtMs - a.foundAtMs);
  for (const { given, foundAtMs } of tests) {
    const loss = attempt(() => lossFromTests(given.tests as readonly NeededTime[])).value;
    if (loss) return { loss, foundAtMs };
  }
  return undefined;
}
