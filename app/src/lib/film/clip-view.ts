import { clipTest, type ClearingFactor, type ClipTest } from '@katachron/core';
import type { Bath } from '../contract/bath.ts';
import { clockTime } from '../words/duration.ts';

/** What a clip test says, against the bath it was made in. */
export interface ClipView extends ClipTest {
  readonly sentence: string;
  /** The clearing time of the bath's first test, s. */
  readonly freshSeconds?: number;
}

/** The first test of a bath stands for its fresh time. */
export function freshSeconds(bath: Pick<Bath, 'tests'> | undefined): number | undefined {
  return [...(bath?.tests ?? [])].sort((a, b) => a.atMs - b.atMs)[0]?.clearingSeconds;
}

export function clipView(
  clearingSeconds: number,
  factor: ClearingFactor,
  bath?: Pick<Bath, 'tests'>,
): ClipView {
  const fresh = freshSeconds(bath);
  const test = clipTest(clearingSeconds, factor, fresh);
  const against =
    fresh === undefined
      ? 'The first test in a bath stands for its fresh time.'
      : test.spent
        ? `Fresh it took ${clockTime(fresh)}: twice that or more, so discard this fixer.`
        : `Fresh it took ${clockTime(fresh)}.`;
  return {
    ...test,
    ...(fresh !== undefined && { freshSeconds: fresh }),
    sentence: `Clear after ${clockTime(clearingSeconds)}, times ${factor}. ${against}`,
  };
}
