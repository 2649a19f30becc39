import { sound } from '../quantity/sound.ts';
import { findRoot } from '../numeric/find-root.ts';
import { Refusal } from '../refusal.ts';
import { unrefusedTimes } from './film-time.ts';
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

/** Nothing develops for longer than this, s. */
const LONGEST = 6 * 3600;
/** Development is summed up over stretches of at most this, s: the rate is smooth but for corners at a table's points. */
const WIDEST = 60;
/** … and of at most this share of the tank's time constant. */
const SHARE_OF_TIME_CONSTANT = 1 / 8;
/** Stretches between readings are no more than about so many, however far apart the readings. */
const MOST_STRAIGHT = 500;
/** After so many time constants a tank is as warm as its room. */
const SETTLED = 12;

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
  return sound(
    drift.ambientC + (startC - drift.ambientC) * Math.exp(-seconds / drift.timeConstantSeconds),
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
  sound({ readings, drift });
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
    sound(seconds);
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
  for (const { from, to } of stretches(question, LONGEST)) {
    const gained = simpson(rate, from, to);
    if (done + gained >= 1) {
      const missing = 1 - done;
      const endSeconds = findRoot((at) => simpson(rate, from, at) - missing, from, to, 1e-4);
      // A rate past any number is done at once.
      const end = Number.isFinite(endSeconds) ? endSeconds : from;
      return { endSeconds: end, endC: course(end) };
    }
    done += gained;
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
  sound({ seconds });
  const rate = rateOf(question);
  return sound(
    stretches(question, seconds).reduce((done, { from, to }) => done + simpson(rate, from, to), 0),
  );
}

interface Stretch {
  readonly from: number;
  readonly to: number;
}

/**
 * The time from the start to an end in stretches over which the rate can be summed up at once. Their number is bounded by
 * the readings and the tank, not by how long ago it was poured: past the last reading a tank settles, and from then on one
 * stretch is as good as many.
 */
function stretches({ readings, drift }: DriftQuestion, end: number): Stretch[] {
  const read = readings.map(({ seconds }) => seconds).filter((at) => at > 0 && at < end);
  const corners = [...new Set([0, ...read, end])].sort((a, b) => a - b);
  const lastRead = Math.max(0, ...readings.map(({ seconds }) => seconds));
  const settledAt = lastRead + (drift ? SETTLED * drift.timeConstantSeconds : 0);
  const narrow = drift ? drift.timeConstantSeconds * SHARE_OF_TIME_CONSTANT : WIDEST;
  // Between readings the temperature goes straight; only after the last one does the tank follow the room.
  const straight = Math.max(WIDEST, lastRead / MOST_STRAIGHT);
  const following = (at: number) => (at < LONGEST ? Math.min(WIDEST, narrow) : narrow);
  const widthAt = (at: number) => (at < lastRead ? straight : following(at));
  const found: Stretch[] = [];
  corners.slice(1).forEach((to, index) => {
    let from = corners[index]!;
    while (from < to) {
      const settled = from >= settledAt;
      const next = settled ? to : Math.min(to, settledOr(from + widthAt(from), from, settledAt));
      found.push({ from, to: next });
      from = next;
    }
  });
  return found;
}

/** A stretch ends where the tank has settled, if that is on its way. */
function settledOr(to: number, from: number, settledAt: number): number {
  return settledAt > from && settledAt < to ? settledAt : to;
}

/** Simpson's rule over one stretch. */
function simpson(rate: (seconds: number) => number, from: number, to: number): number {
  return ((to - from) * (rate(from) + 4 * rate((from + to) / 2) + rate(to))) / 6;
}

/** The share of the development that is done in a second, at any time of the step. */
function rateOf(question: DriftQuestion): (seconds: number) => number {
  const { recipe, factor } = question;
  const course = temperatureCourse(question.readings, question.drift);
  const timeAt = unrefusedTimes(recipe);
  return (seconds) => 1 / (timeAt(course(seconds)) * factor);
}
