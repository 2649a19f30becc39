import { SPEED_DENSITY } from '../film/film-curve.ts';
import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { spreadOf } from '../numeric/spread-of.ts';
import { lastFall, valueAt } from '../numeric/steps-line.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { ZONE_ONE_LOG } from './step-tablet.ts';

/** ISO 6: the gradient is taken over this log exposure from the speed point … */
export const ISO_LOG = 1.3;
/** … and is normal where so much density lies between, give or take so much. */
export const ISO_DENSITY = 0.8;
export const ISO_DENSITY_WITHIN = 0.05;
/** The average gradient spans zone I to zone VIII. */
export const ZONE_SPAN_LOG = 7 * STOP_IN_LOG;
/** A densitometer's reading of film is good to this: standard deviation. */
export const FILM_READING = 0.01;
/** Densities may rise by so many standard deviations from a step to the next through noise; more is a mistake. */
const RISES = 7;

/** A step tablet as a film shows it. */
export interface FilmReading {
  /** log10 exposure of each step against step 1, from `tabletSteps`. */
  readonly steps: readonly number[];
  /** Of the same steps, base and fog counted. */
  readonly densities: readonly number[];
  readonly baseFog: number;
  /** How far a reading may be out: standard deviation, 0.01 unless said. */
  readonly readingWithin?: number;
}

/** What the densities of a film say. */
export interface FilmDensities {
  /** log10 exposure, against step 1, that gives 0.10 above base and fog. */
  readonly speedLog: number;
  /** The same as a step, counted from 1, between two of them. */
  readonly speedStep: number;
  /** ISO 6 gradient, ΔD over 1.30; missing where the tablet ends before. */
  readonly isoGradient?: number;
  /** Whether that is ISO's normal development. */
  readonly isNormal?: boolean;
  /** From zone I at the speed point to zone VIII; missing where the tablet ends before. */
  readonly averageGradient?: number;
  /** 95 times in 100 they are within these. */
  readonly within: {
    readonly speedStops: number;
    readonly isoGradient?: number;
    readonly averageGradient?: number;
  };
}

const check = ({ steps, densities, baseFog, readingWithin = FILM_READING }: FilmReading) => {
  if (steps.length < 3 || densities.length !== steps.length) {
    throw new Refusal(
      'film-densities',
      '/densities',
      `Give a density for each of the ${steps.length} steps.`,
    );
  }
  const rise = densities.findIndex(
    (density, index) => index > 0 && density > densities[index - 1]! + RISES * readingWithin,
  );
  if (rise > 0) {
    throw new Refusal(
      'film-densities',
      `/densities/${rise}`,
      `Step ${rise + 1} reads ${densities[rise]!.toFixed(2)}, denser than step ${rise} with ${densities[rise - 1]!.toFixed(2)}. Step 1 is the densest on film.`,
    );
  }
  const below = densities.findIndex((density) => density < baseFog - RISES * readingWithin);
  if (below >= 0) {
    throw new Refusal(
      'film-densities',
      '/baseFog',
      `Step ${below + 1} reads less than base and fog, ${baseFog.toFixed(2)}: one of the two is misread.`,
    );
  }
};

interface Found {
  readonly log: number;
  readonly step: number;
}

const speedPoint = (steps: readonly number[], densities: readonly number[], baseFog: number) => {
  const fall = lastFall(densities, baseFog + SPEED_DENSITY);
  if (!fall) return undefined;
  const { index, share } = fall;
  const log = steps[index]! + share * (steps[index + 1]! - steps[index]!);
  return { log, step: index + 1 + share } satisfies Found;
};

/** ΔD over so much log exposure from the speed point. */
const gradientOver = (
  steps: readonly number[],
  densities: readonly number[],
  baseFog: number,
  span: number,
) => {
  const found = speedPoint(steps, densities, baseFog);
  const upper = found && valueAt(steps, densities, found.log + span);
  return upper === undefined ? undefined : (upper - baseFog - SPEED_DENSITY) / span;
};

/**
 * The speed point and the gradients of a film from the densities of a step tablet.
 * @param reading log10 exposure and density of each step, base and fog
 * @returns the speed point, ISO 6 gradient and average gradient, each with how well it is known
 * @throws Refusal `film-densities` where densities are missing, rise, lie below base and fog, or never cross 0.10 above it
 * @source ISO 6 speed point (0.10 above base and fog), straight lines between steps; gradients ΔD/1.30 and zone I to VIII
 * @example
 * filmDensities({ steps: [0, -0.6, -1.2, -1.8, -2.4, -2.7, -3], densities: [1.88, 1.51, 1.13, 0.76, 0.41, 0.31, 0.28], baseFog: 0.27 }).isoGradient // ≈ 0.5751
 */
export function filmDensities(reading: FilmReading): FilmDensities {
  sound(reading);
  check(reading);
  const { steps, densities, baseFog, readingWithin = FILM_READING } = reading;
  const found = speedPoint(steps, densities, baseFog);
  if (!found) {
    throw new Refusal(
      'film-densities',
      '/densities',
      `No step falls through ${(baseFog + SPEED_DENSITY).toFixed(2)}, 0.10 above base and fog: the film was exposed too much or too little for this test.`,
    );
  }
  /** 95 % of what is worked out of all densities and of base and fog; a moved density that leads nowhere moves nothing. */
  const within = (of: (d: readonly number[], fog: number) => number | undefined) => {
    const still = of(densities, baseFog)!;
    return (
      NINETY_FIVE *
      spreadOf(
        [...densities, baseFog],
        readingWithin,
        (values) => of(values.slice(0, -1), values.at(-1)!) ?? still,
      )
    );
  };
  const over = (span: number) => (d: readonly number[], fog: number) =>
    gradientOver(steps, d, fog, span);
  const iso = over(ISO_LOG)(densities, baseFog);
  const average = over(ZONE_SPAN_LOG)(densities, baseFog);
  return sound({
    speedLog: found.log,
    speedStep: found.step,
    ...(iso !== undefined && {
      isoGradient: iso,
      isNormal: Math.abs(iso * ISO_LOG - ISO_DENSITY) <= ISO_DENSITY_WITHIN,
    }),
    ...(average !== undefined && { averageGradient: average }),
    within: {
      speedStops: within((d, fog) => speedPoint(steps, d, fog)?.log) / STOP_IN_LOG,
      ...(iso !== undefined && { isoGradient: within(over(ISO_LOG)) }),
      ...(average !== undefined && { averageGradient: within(over(ZONE_SPAN_LOG)) }),
    },
  });
}

/**
 * The exposure index that a film's speed point means.
 * @param exposedAt the EI set at the meter, step 1 exposed at zone X
 * @param speedLog log10 exposure of the speed point against step 1, from `filmDensities`
 * @returns EI
 * @throws Refusal `speed` unless the EI set is more than zero
 * @source EI = set·2^((n* − 19)·0.15/log10 2): zone I at the speed point
 * @example
 * exposureIndexAt(100, -2.5) // ≈ 63.1
 */
export function exposureIndexAt(exposedAt: number, speedLog: number): number {
  if (!(exposedAt > 0))
    throw new Refusal('speed', '/exposedAt', 'An exposure index is more than zero.');
  return sound(exposedAt * 2 ** ((ZONE_ONE_LOG - speedLog) / STOP_IN_LOG));
}
