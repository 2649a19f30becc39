import { Refusal } from '../refusal.ts';

/**
 * A lamp's lag from a match: n firings of t look like one firing of s.
 * @param firings n, at least 2
 * @param eachSeconds t, s
 * @param singleSeconds s, s
 * @returns δ in s; negative where the lamp glows on
 * @throws Refusal `lag-match` with fewer than two firings
 * @source δ = (n·t − s)/(n − 1)
 * @example
 * lampLag(8, 2, 14.6) // ≈ 0.2
 */
export function lampLag(firings: number, eachSeconds: number, singleSeconds: number): number {
  if (!(firings >= 2)) {
    throw new Refusal('lag-match', '/firings', 'A match takes at least two firings.');
  }
  return (firings * eachSeconds - singleSeconds) / (firings - 1);
}
