import { lossFromTests, type LongExposureLoss, type NeededTime } from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { sameThing, type Named } from '../../words/called.ts';
import type { Calibration } from './contract.ts';

/** What a paper loses in long exposures, by its newest test that tells it. */
export function lossOfPaper(
  found: readonly Calibration[],
  paper: string,
  papers: readonly Named[],
): { readonly loss: LongExposureLoss; readonly foundAtMs: number } | undefined {
  const tests = found
    .filter(
      ({ kind, given }) =>
        kind === 'paper-reciprocity' && sameThing(papers, String(given.paper), paper),
    )
    .toSorted((a, b) => b.foundAtMs - a.foundAtMs);
  for (const { given, foundAtMs } of tests) {
    const loss = attempt(() => lossFromTests(given.tests as readonly NeededTime[])).value;
    if (loss) return { loss, foundAtMs };
  }
  return undefined;
}
