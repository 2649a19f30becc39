import { Refusal } from '../refusal.ts';

/**
 * A lamp's lag from a match: n firings of t look like one firing of s.
 * @param firings n, at least 2
 * @param eachSeconds t, s
 * @param singleSeconds s, s
 * @returns δ in s; negative where the lamp glows on
 * @throws Refusal `lag-match` with fewer than two firings, or when the lag would be as long as a firing
 * @source δ = (n·t − s)/(n − 1)
 * @example
 * lampLag(8, 2, 14.6) // ≈ 0.2
 */
export function lampLag(firings: number, eachSeconds: number, singleSeconds: number): number {
  if (!(firings >= 2)) {
    throw new Refusal('lag-match', '/firings', 'A match takes at least two firings.');
  }
  const lag = (firings * eachSeconds - singleSeconds) / (firings - 1);
  if (!(eachSeconds > 0 && Math.abs(lag) < eachSeconds)) {
    throw new Refusal(
      'lag-match',
      '/singleSeconds',
      `The lag would be ${lag.toFixed(2)} s of firings of ${eachSeconds} s, all of their light: match them once more.`,
    );
  }
  return lag;
}
