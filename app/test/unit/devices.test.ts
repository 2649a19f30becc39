import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SimulatedLampTimer } from '../../src/lib/bench/devices/simulated-lamp-timer.ts';
import { SimulatedLightProbe } from '../../src/lib/bench/devices/simulated-light-probe.ts';

describe('the simulated lamp timer', () => {
  const seen: { lit: boolean; atMs: number }[] = [];
  const timer = () => new SimulatedLampTimer((lit, atMs) => seen.push({ lit, atMs }));
  beforeEach(() => {
    seen.length = 0;
    vi.useFakeTimers({ now: 10_000 });
  });
  afterEach(() => void vi.useRealTimers());

  it('is lit from its instant on for just its seconds', () => {
    timer().fire(13_000, 2.3);
    vi.advanceTimersByTime(20_000);
    expect(seen).toEqual([
      { lit: true, atMs: 13_000 },
      { lit: false, atMs: 15_300 },
    ]);
  });

  it('goes out at once when it is stopped, and does not come on later', () => {
    const lamp = timer();
    lamp.fire(11_000, 5);
    vi.advanceTimersByTime(2000);
    lamp.stop();
    lamp.fire(14_000, 1);
    lamp.stop();
    vi.advanceTimersByTime(20_000);
    expect(seen).toEqual([
      { lit: true, atMs: 11_000 },
      { lit: false, atMs: 12_000 },
    ]);
  });

  it('a second firing takes the place of the first', () => {
    const lamp = timer();
    lamp.fire(11_000, 5);
    lamp.fire(12_000, 1);
    vi.advanceTimersByTime(20_000);
    expect(seen.map(({ atMs }) => atMs)).toEqual([12_000, 13_000]);
  });
});

describe('the simulated light probe', () => {
  it('reads one spot after the other, each within its noise, and begins again', async () => {
    const probe = new SimulatedLightProbe();
    const read: number[] = [];
    for (let spot = 0; spot < 8; spot += 1) read.push(await probe.read());
    for (let spot = 0; spot < 4; spot += 1) {
      expect(Math.abs(read[spot]! - read[spot + 4]!)).toBeLessThan(0.031);
    }
    expect(read[1]! - read[0]!).toBeGreaterThan(0.7);
  });
});
