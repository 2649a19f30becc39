import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';

/** Of water, J/(g·K), and what ice takes to melt, J/g. */
const HEAT = 4.186;
const MELTING = 333.6;

/** Ice that cools a solution. */
export interface Ice {
  readonly grams: number;
  /** What it would dilute by, were it not in a closed bag, as a share. */
  readonly dilutes: number;
}

/**
 * Ice in a closed bag that cools a solution.
 * @param volumeMl of the solution, ml
 * @param nowC °C
 * @param targetC wanted, °C
 * @returns g of ice, and what it would dilute by outside a bag
 * @throws Refusal `volume` unless there is any, `ice` unless the target is colder, and above freezing
 * @source m = V·c·ΔT/(L + c·T), c 4.186 J/(g·K), L 333.6 J/g
 * @example
 * iceFor(800, 24.6, 20).grams // ≈ 36.91
 */
export function iceFor(volumeMl: number, nowC: number, targetC: number): Ice {
  if (!(volumeMl > 0)) throw new Refusal('volume', '/volumeMl', 'Give the volume to be cooled.');
  if (!(targetC >= 0 && nowC > targetC)) {
    throw new Refusal(
      'ice',
      '/targetC',
      'Ice cools: give a target below what it reads, above 0 °C.',
    );
  }
  const grams = (volumeMl * HEAT * (nowC - targetC)) / (MELTING + HEAT * targetC);
  return sound({ grams, dilutes: grams / volumeMl });
}
