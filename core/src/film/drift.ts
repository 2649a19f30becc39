import { Refusal } from '../refusal.ts';
import { unrefusedSeconds } from './film-time.ts';
import type { FilmRecipe } from './recipe.ts';

/** How a tank follows the room it stands in. */
export interface TankDrift {
  /** Temperature of the room, or of the bath that the tank stands in, °C. */
  readonly ambientC: number;
  /** Newton's time constant of the tank, s: after this long 63 % of the difference is gone. */
  readonly timeConstantSeconds: number;
}

/** A temperature read in the developer, counted from the start of the step. */
export interface DriftReading {
  readonly seconds: number;
  readonly temperatureC: number;
}

/** What is developed, and how it has gone so far. */
export interface DriftQuestion {
  readonly recipe: FilmRecipe;
  /** What the time was multiplied by for push, agitation and the rest. */
  readonly factor: number;
  /** Readings in any order; the earliest also stands for everything before it. At least one. */
  readonly readings: readonly DriftReading[];
  /** How the tank goes on after the last reading; without it the last temperature stays. */
  readonly drift?: TankDrift;
}

/** Where a development ends when its temperature wanders. */
export interface DriftAnswer {
  /** When it is done, s from the start of the step. */
  readonly endSeconds: number;
  /** The temperature then, °C. */
  readonly endC: number;
}

/** Development is summed up in steps of this, s. */
const STEP = 1;
/** Nothing develops for longer than this, s. */
const LONGEST = 6 * 3600;

/**
 * The temperature of a tank after a while.
 * @param startC °C at the start
 * @param drift room temperature in °C and time constant in s
 * @param seconds since then
 * @returns °C
 * @source Newton's law of cooling, T = Ta + (T0 − Ta)·e^(−t/τ)
 * @example
 * temperatureAfter(20, { ambientC: 16, timeConstantSeconds: 1800 }, 633) // ≈ 18.814
 */
export function temperatureAfter(startC: number, drift: TankDrift, seconds: number): number {
  return (
    drift.ambientC + (startC - drift.ambientC) * Math.exp(-seconds / drift.timeConstantSeconds)
  );
}

/**
 * The temperature at any time of a step: straight lines between readings, Newton after the last one.
 * @param readings at least one, in any order
 * @param drift of the tank; without it the last temperature stays
 * @returns a function from seconds since the start to °C
 * @throws Refusal `no-reading` without a reading, `drift` for a time constant that is not more than zero
 * @source linear interpolation, then Newton's law of cooling
 * @example
 * temperatureCourse([{ seconds: 0, temperatureC: 20 }, { seconds: 100, temperatureC: 21 }])(50) // ≈ 20.5
 */
export function temperatureCourse(
  readings: readonly DriftReading[],
  drift?: TankDrift,
): (seconds: number) => number {
  const ordered = [...readings].sort((a, b) => a.seconds - b.seconds);
  const first = ordered[0];
  const last = ordered.at(-1);
  if (!first || !last) throw new Refusal('no-reading', '/readings', 'A drift wants a temperature.');
  if (drift && !(drift.timeConstantSeconds > 0)) {
    throw new Refusal(
      'drift',
      '/timeConstantSeconds',
      'A tank takes some time to follow the room.',
    );
  }
  return (seconds) => {
    if (seconds <= first.seconds) return first.temperatureC;
    if (seconds >= last.seconds) {
      const since = seconds - last.seconds;
      return drift ? temperatureAfter(last.temperatureC, drift, since) : last.temperatureC;
    }
    const next = ordered.findIndex((reading) => reading.seconds > seconds);
    const a = ordered[next - 1]!;
    const b = ordered[next]!;
    const share = (seconds - a.seconds) / (b.seconds - a.seconds);
    return a.temperatureC + share * (b.temperatureC - a.temperatureC);
  };
}

/**
 * When a development is done although its temperature wanders.
 * @param question recipe, factor on its time, readings (s, °C) and how the tank drifts
 * @returns the end in s from the start, and the temperature there
 * @throws Refusal as `temperatureCourse`; `never-done` when it would take longer than six hours
 * @source development done = ∫ dt / t(T); the step ends when that is 1
 * @example
 * driftedEnd({ recipe: { film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 600 }], source: "guess" }, factor: 1, readings: [{ seconds: 0, temperatureC: 20 }], drift: { ambientC: 16, timeConstantSeconds: 1800 } }).endSeconds // ≈ 633.4
 */
export function driftedEnd(question: DriftQuestion): DriftAnswer {
  const course = temperatureCourse(question.readings, question.drift);
  const rate = rateOf(question);
  let done = 0;
  let before = rate(0);
  for (let seconds = 0; seconds < LONGEST; seconds += STEP) {
    // Simpson's rule over each step: the rate is smooth but for the corners at the readings.
    const after = rate(seconds + STEP);
    const gained = (STEP * (before + 4 * rate(seconds + STEP / 2) + after)) / 6;
    if (done + gained >= 1) {
      const endSeconds = seconds + (STEP * (1 - done)) / gained;
      return { endSeconds, endC: course(endSeconds) };
    }
    done += gained;
    before = after;
  }
  throw new Refusal(
    'never-done',
    '/ambientC',
    'As cold as that room is, the development would take more than six hours.',
  );
}

/**
 * How much of a development is done after a while, although its temperature wanders.
 * @param question recipe, factor on its time, readings (s, °C) and how the tank drifts
 * @param seconds since the start
 * @returns a share, 1 when it is done
 * @throws Refusal as `temperatureCourse`
 * @source ∫ dt / t(T) from the start
 * @example
 * developmentDone({ recipe: { film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 600 }], source: "guess" }, factor: 1, readings: [{ seconds: 0, temperatureC: 20 }] }, 150) // ≈ 0.25
 */
export function developmentDone(question: DriftQuestion, seconds: number): number {
  const rate = rateOf(question);
  const steps = Math.max(1, Math.ceil(seconds / STEP));
  const width = seconds / steps;
  let done = 0;
  for (let step = 0; step < steps; step += 1) {
    const from = step * width;
    done += (width * (rate(from) + 4 * rate(from + width / 2) + rate(from + width))) / 6;
  }
  return done;
}

/** The share of the development that is done in a second, at any time of the step. */
function rateOf(question: DriftQuestion): (seconds: number) => number {
  const { recipe, factor } = question;
  const course = temperatureCourse(question.readings, question.drift);
  return (seconds) => 1 / (unrefusedSeconds(recipe, course(seconds)) * factor);
}
