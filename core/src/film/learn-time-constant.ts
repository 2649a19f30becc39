import { sound } from '../quantity/sound.ts';
import type { DriftReading } from './drift.ts';

/** Temperatures read in one run, and the room it stood in. */
export interface DriftRun {
  readonly ambientC: number;
  /** From the start of the step; at least two. */
  readonly readings: readonly DriftReading[];
}

/** What a tank has taught about itself. */
export interface LearnedTimeConstant {
  /** Newton's time constant, s. */
  readonly seconds: number;
  /** Readings that it rests on. */
  readonly readings: number;
  readonly runs: number;
}

/** A tank this near the temperature of its room tells nothing about how fast it follows, °C. */
const LEAST_DIFFERENCE = 1;
/** Readings nearer in time tell only how well the thermometer is read, s. */
const LEAST_SECONDS = 60;
const FASTEST = 60;
const SLOWEST = 86_400;

/**
 * The time constant that a tank's runs fit best.
 * @param runs room in °C and readings (s, °C) of each run
 * @returns seconds, and how many readings and runs it rests on; undefined when none of them tells anything
 * @source least squares on ln((T − Ta)/(T0 − Ta)) = −t/τ through the origin, each reading weighted by its (T − Ta)², since the
 *   thermometer errs equally everywhere
 * @example
 * learnTimeConstant([{ ambientC: 16, readings: [{ seconds: 0, temperatureC: 20 }, { seconds: 600, temperatureC: 18.866125242 }] }]).seconds // ≈ 1800
 */
export function learnTimeConstant(runs: readonly DriftRun[]): LearnedTimeConstant | undefined {
  sound(runs);
  let timesTimes = 0;
  let timesLogs = 0;
  let readings = 0;
  let counted = 0;
  for (const { ambientC, readings: read } of runs) {
    const ordered = [...read].sort((a, b) => a.seconds - b.seconds);
    const first = ordered[0];
    if (!first || Math.abs(first.temperatureC - ambientC) < LEAST_DIFFERENCE) continue;
    const before = readings;
    for (const { seconds, temperatureC } of ordered.slice(1)) {
      const left = temperatureC - ambientC;
      const share = left / (first.temperatureC - ambientC);
      const since = seconds - first.seconds;
      if (!(share > 0) || since < LEAST_SECONDS) continue;
      const weight = left ** 2;
      timesTimes += weight * since ** 2;
      timesLogs += weight * since * -Math.log(share);
      readings += 1;
    }
    if (readings > before) counted += 1;
  }
  const seconds = timesTimes / timesLogs;
  return sound(
    readings > 0 && seconds >= FASTEST && seconds <= SLOWEST
      ? { seconds, readings, runs: counted }
      : undefined,
  );
}
