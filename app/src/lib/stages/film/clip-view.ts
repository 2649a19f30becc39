import { clipTest, type ClearingFactor, type ClipTest } from '@katachron/core';
import type { Bath } from '../../nouns/bath/contract.ts';
import { clockTime } from '../../words/duration.ts';

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
  rapid = true,
): ClipView {
  const fresh = freshSeconds(bath);
  const test = clipTest(clearingSeconds, factor, { freshSeconds: fresh, rapid });
  const clear = `Clear after ${clockTime(clearingSeconds)}, times ${factor}`;
  const lifted = test.lifted ? `; film is fixed for at least ${clockTime(test.fixSeconds)}` : '';
  return {
    ...test,
    ...(fresh !== undefined && { freshSeconds: fresh }),
    sentence: `${clear}${lifted}. ${againstFresh(test, fresh)}`,
  };
}

/** Whether the fixer is spent, fresh, on its way, or nobody can tell. */
function againstFresh({ spent, towardsSpent }: ClipTest, fresh: number | undefined): string {
  if (spent && fresh === undefined) {
    return 'No rapid fixer takes more than 3:00: discard it, whatever it took when it was fresh.';
  }
  if (fresh === undefined || towardsSpent === undefined) {
    return 'The first test in a bath stands for its fresh time; whether it is spent is not known without one.';
  }
  if (spent) return `Fresh it took ${clockTime(fresh)}: discard this fixer.`;
  const way = Math.round(100 * Math.max(0, towardsSpent));
  return `Fresh it took ${clockTime(fresh)}: ${way} % of the way to spent.`;
}
