import { expect, test } from 'vitest';
import { burnsFor } from '../../src/lib/bench/light/burning.svelte.ts';

const midnight = new Date(2026, 0, 18).getTime();
const lamp = { href: '/print/fire', name: 'strip 1', litAtMs: midnight - 3000, seconds: 10 };

test('a lamp burns for what is left of its time, over midnight too', () => {
  expect(burnsFor(lamp, midnight - 3000)).toBe(10);
  expect(burnsFor(lamp, midnight + 1000)).toBeCloseTo(6, 9);
  expect(burnsFor(lamp, midnight + 7000)).toBe(0);
  expect(burnsFor(lamp, midnight + 60_000)).toBe(0);
});

test('while it is counted in all of it is to come; once it was put out nothing is', () => {
  expect(burnsFor(lamp, midnight - 5000)).toBe(10);
  expect(burnsFor({ ...lamp, outAtMs: midnight - 1000 }, midnight)).toBe(0);
});
