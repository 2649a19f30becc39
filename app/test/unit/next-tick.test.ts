import { sheetPlan } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { TICK_MS, nextTickMs } from '../../src/lib/bench/clock/next-tick.ts';

const lying = (id: string, atMs: number) => ({
  ...{ id, plan: sheetPlan() },
  events: [{ id: 'e', kind: 'poured-in' as const, stepId: 'print-developer', atMs }],
});

describe('the ticks of the clock', () => {
  it('come with the seconds of what runs: just after each has turned', () => {
    const start = 1_000_123;
    for (let nowMs = start + 1; nowMs < start + 3000; nowMs += 37) {
      const at = nowMs + nextTickMs([lying('a', start)], nowMs);
      const after = (at - start) % TICK_MS;
      expect(after).toBeGreaterThanOrEqual(1);
      expect(after).toBeLessThanOrEqual(4);
      expect(at - nowMs).toBeLessThanOrEqual(TICK_MS);
    }
  });

  it('stay few however many clocks run', () => {
    const many = Array.from({ length: 9 }, (_, n) => lying(String(n), 1_000_000 + n * 31));
    let [nowMs, ticks] = [1_010_000, 0];
    while (nowMs < 1_020_000) {
      nowMs += nextTickMs(many, nowMs);
      ticks += 1;
    }
    expect(ticks).toBeLessThanOrEqual(67);
    expect(nextTickMs([], 1_000_000)).toBeLessThanOrEqual(TICK_MS);
  });
});
