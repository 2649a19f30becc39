import { bathState, clipTest, type BathState } from '@katachron/core';
import { attempt, type Attempt } from '../../words/attempt.ts';
import type { Bath } from './contract.ts';
import type { BathEntry, KeptEntry } from './ledger.ts';

/** Clip tests count as tests: the first of them says how fast it cleared when it was fresh. */
export function clipTests({
  tests,
}: Pick<Bath, 'tests'>): readonly { id: string; entry: BathEntry; what: string }[] {
  const inTime = [...tests].sort((a, b) => a.atMs - b.atMs);
  const freshSeconds = inTime[0]?.clearingSeconds;
  return inTime.map(({ id, atMs, clearingSeconds, factor, film }, index) => {
    const { towardsSpent = 0, spent = false } =
      attempt(() => clipTest(clearingSeconds, factor, index > 0 ? { freshSeconds } : {})).value ??
      {};
    const share = Math.round(100 * Math.max(0, towardsSpent));
    const gone = index > 0 ? `, ${share} % of the way to spent` : '';
    return {
      id,
      entry: { kind: 'tested', test: 'clip', atMs, passed: !spent },
      what: `Clip test${film ? ` of ${film}` : ''}: clear in ${Math.round(clearingSeconds)} s${gone}`,
    };
  });
}

/**
 * How a bath is doing, its clip tests and its end counted, or the sentence why that cannot be worked out; nothing while nobody said
 * how much it is.
 */
export function stateOf(
  bath: Bath,
  entries: readonly KeptEntry[],
  nowMs: number,
): Attempt<BathState> | undefined {
  const { volumeMl, mixedAtMs, filmCm2PerLitre, paperCm2PerLitre, keeping, bottleMl } = bath;
  if (volumeMl === undefined) return undefined;
  const end: readonly BathEntry[] =
    bath.discardedAtMs === undefined ? [] : [{ kind: 'discarded', atMs: bath.discardedAtMs }];
  const facts = {
    ...{ volumeMl, mixedAtMs },
    ...(filmCm2PerLitre && { filmCm2PerLitre }),
    ...(paperCm2PerLitre && { paperCm2PerLitre }),
    ...(keeping && { keeping }),
    ...(bottleMl && { bottleMl }),
    ...(bath.trayHours && { trayHours: bath.trayHours }),
  };
  const happened = [...[...entries, ...clipTests(bath)].map(({ entry }) => entry), ...end];
  return attempt(() => bathState(facts, happened, nowMs));
}
