import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** Half of what shows nothing is safe: paper, lamp and eyes differ from day to day. */
const MARGIN = 0.5;

/** What a safelight may do to flashed paper. */
export interface Safelight {
  /** All the time in its light, before and after the exposure, s. */
  readonly safeSeconds: number;
  /** None of the coins showed: it is safe for at least this long. */
  readonly atLeast: boolean;
}

/**
 * How long paper may lie under a safelight, from coins on flashed paper.
 * @param times under the light, s
 * @param shown which of them show their coin, in the same order
 * @returns half of the longest time that shows nothing
 * @throws Refusal `safelight` for no times, when even the shortest shows, or a longer one shows nothing though a shorter does
 * @source half of the longest time that shows no coin
 * @example
 * safelight([60, 120, 240, 480, 960], [false, false, false, true, true]).safeSeconds // = 120
 */
export function safelight(times: readonly number[], shown: readonly boolean[]): Safelight {
  sound(times);
  const refuse = (sentence: string): never => {
    throw new Refusal('safelight', '/times', sentence);
  };
  const patches = times
    .map((seconds, index) => ({ seconds, shown: shown[index] }))
    .toSorted((a, b) => a.seconds - b.seconds);
  if (
    patches.length === 0 ||
    patches.some(({ seconds, shown: seen }) => !(seconds > 0) || seen === undefined)
  ) {
    refuse('Give each time under the safelight, and whether its coin shows.');
  }
  const clear = patches.findLast(({ shown: seen }) => !seen);
  const first = patches.find(({ shown: seen }) => seen);
  if (!clear) {
    refuse(
      `Even ${first!.seconds} s shows its coin: this light is not safe. A weaker lamp, another filter, or farther away; then test again.`,
    );
  }
  if (first && clear!.seconds > first.seconds) {
    refuse(
      `The coin shows after ${first.seconds} s but not after ${clear!.seconds} s: the two were mixed up, or the paper was not flashed evenly.`,
    );
  }
  return sound({ safeSeconds: clear!.seconds * MARGIN, atLeast: first === undefined });
}

/**
 * What a safe time becomes when the lamp is moved.
 * @param safeSeconds as tested, s
 * @param testedMetres from the lamp to the paper in the test, m
 * @param nowMetres and now, m
 * @returns s
 * @throws Refusal `safelight` unless both distances are more than zero
 * @source inverse square: t·(d2/d1)²
 * @example
 * safeWhenMoved(120, 1.1, 1.7) // ≈ 286.6
 */
export function safeWhenMoved(
  safeSeconds: number,
  testedMetres: number,
  nowMetres: number,
): number {
  if (!(safeSeconds >= 0 && testedMetres > 0 && nowMetres > 0)) {
    throw new Refusal(
      'safelight',
      '/nowMetres',
      'Give how far the lamp is from the paper, in metres.',
    );
  }
  return sound(safeSeconds * (nowMetres / testedMetres) ** 2);
}
