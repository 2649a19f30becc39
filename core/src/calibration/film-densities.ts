import { SPEED_DENSITY } from '../film/film-curve.ts';
import { smoothSteps, type StepsLink } from '../numeric/smooth-steps.ts';
import { logWhere, valueAt } from '../numeric/steps-line.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import {
  ISO_LOG,
  ZONE_SPAN_LOG,
  noSpeedPoint,
  type FilmBetweenSteps,
} from './film-between-steps.ts';
import { ZONE_ONE_LOG } from './step-tablet.ts';
import { offTogether } from './off-together.ts';
import { checkSteps, type StepsRead } from './steps-read.ts';

/** ISO 6: a development is normal where so much density lies over 1.30, give or take so much. */
export const ISO_DENSITY = 0.8;
export const ISO_DENSITY_WITHIN = 0.05;
/** A densitometer's reading of film is good to this: standard deviation. */
export const FILM_READING = 0.01;
/** How wide a usual toe is, in density at a slope of one. */
const TOE = 0.16;
/** A film's slope differs so much along its curve, natural logarithm, and has forgotten where it was after so much log10 exposure. */
const BEND = 0.3;
const REACH_LOG = 1;
/** Readings that scatter so much are of no tablet. */
const MOST_SCATTER = 0.12;

/** A step tablet as a film shows it. */
export interface FilmReading {
  /** log10 exposure of each step against step 1, from `tabletSteps`. */
  readonly steps: readonly number[];
  /** Of the same steps, base and fog counted. */
  readonly densities: readonly number[];
  readonly baseFog: number;
  /** How far a reading may be out: standard deviation, 0.01 unless said; more where the readings show more. */
  readonly readingWithin?: number;
  /** Readings of one scan are off together, 95 times in 100 by no more than this; none unless said. */
  readonly togetherWithin?: number;
  /** Whether a reading counts for nothing that fits none of its neighbours; it does unless said. */
  readonly leaveOut?: boolean;
}

/** What the densities of a film say. */
export interface FilmDensities extends FilmBetweenSteps, StepsRead {
  /** Whether the ISO gradient is that of ISO's normal development. */
  readonly isNormal?: boolean;
  /** 95 times in 100 they are within these. */
  readonly within: {
    readonly speedStops: number;
    readonly isoGradient?: number;
    readonly averageGradient?: number;
  };
}

const softPlus = (z: number) => (z > 30 ? z : Math.log1p(Math.exp(z)));
/** The straight line, carried on below its toe, that a net density lies on. */
const carriedOn = (net: number) =>
  net > 30 * TOE ? net : TOE * Math.log(Math.expm1(Math.max(net, TOE / 1000) / TOE));
const netOf = (line: number) => TOE * softPlus(line / TOE);

/** Above base and fog, with a toe of the usual width, a line falls from step to step. */
const filmLink: StepsLink = {
  value: (line, [fog = 0]) => fog + netOf(line),
  slopes: (line) => [1 / (1 + Math.exp(-line / TOE)), 1],
};

/** A start that falls, whatever the readings do. */
const falling = (densities: readonly number[], baseFog: number): number[] => {
  let last = Infinity;
  return densities.map((density) => {
    last = Math.min(last - 0.01, carriedOn(Math.max(0.01, density - baseFog)));
    return last;
  });
};

const check = ({ steps, densities, baseFog }: FilmReading) => {
  checkSteps(steps, densities, 'film-densities', 'densest on film');
  const below = densities.filter((density) => density < baseFog - 0.05).length;
  if (below > 2 || !(baseFog >= -0.1 && baseFog < 4)) {
    throw new Refusal(
      'film-densities',
      '/baseFog',
      `${below} steps read less than base and fog, ${baseFog.toFixed(2)}: it is misread, or of another film.`,
    );
  }
};

/**
 * The speed point and the gradients of a film from the densities of a step tablet: each reading is checked by its neighbours, and one
 * that fits none of them is named.
 * @param reading log10 exposure and density of each step, base and fog
 * @returns the speed point, ISO 6 gradient and average gradient, each with how well it is known, and what each reading is off
 * @throws Refusal `film-densities` where densities are missing, run the other way, scatter without end, lie below base and fog, or never cross 0.10 above it
 * @source ISO 6 speed point (0.10 above base and fog); gradients ΔD/1.30 and zone I to VIII
 * @example
 * filmDensities({ steps: [0, -0.6, -1.2, -1.8, -2.4, -2.7, -3], densities: [1.88, 1.51, 1.13, 0.76, 0.41, 0.31, 0.28], baseFog: 0.27 }).isoGradient // ≈ 0.5873
 */
export function filmDensities(reading: FilmReading): FilmDensities {
  sound(reading);
  check(reading);
  const { steps, densities, baseFog, readingWithin = FILM_READING, leaveOut = true } = reading;
  const together = (net: number) =>
    offTogether(net, densities[0]! - baseFog, reading.togetherWithin ?? 0);
  const read = smoothSteps({
    ...{ steps, densities, link: filmLink, readingWithin, leaveOut, bend: BEND, reach: REACH_LOG },
    start: { smooth: falling(densities, baseFog), levels: [baseFog] },
    readLevels: [{ level: 0, value: baseFog }],
  });
  if (read.deviation > MOST_SCATTER) {
    throw new Refusal(
      'film-densities',
      '/densities',
      `The readings scatter by ${read.deviation.toFixed(2)} about any curve that a film could have: is each step in its place?`,
    );
  }
  const speedAt = carriedOn(SPEED_DENSITY);
  const speedOf = (line: readonly number[]) => logWhere(steps, line, speedAt);
  const speedLog = speedOf(read.smooth);
  // A speed point a step beyond the last is still told by those before it, and less surely.
  if (speedLog > steps[0]! || speedLog < 2 * steps.at(-1)! - steps.at(-2)!) {
    throw new Refusal('film-densities', '/densities', noSpeedPoint(baseFog));
  }
  const over = (span: number) => (line: readonly number[]) => {
    const upper = valueAt(steps, line, speedOf(line) + span);
    return upper === undefined ? undefined : (netOf(upper) - SPEED_DENSITY) / span;
  };
  // A speed point in the toe goes further to the one side than to the other: the wider one is said.
  const found = (span: number) => {
    const gradient = over(span)(read.smooth);
    if (gradient === undefined) return undefined;
    const within = Math.max(...read.sides((line) => over(span)(line) ?? gradient));
    const scanned = together(SPEED_DENSITY + gradient * span) / span;
    return { gradient, within: Math.hypot(within, (gradient * read.betweenLog) / span, scanned) };
  };
  // As steep as the curve is there: a density that is off moves the speed point by so much exposure.
  const near = (net: number) => logWhere(steps, read.smooth, carriedOn(net));
  const steepness = (0.2 * SPEED_DENSITY) / (near(1.1 * SPEED_DENSITY) - near(0.9 * SPEED_DENSITY));
  const [iso, average] = [found(ISO_LOG), found(ZONE_SPAN_LOG)];
  const below = steps.findIndex((step) => step < speedLog);
  const at = below < 0 ? steps.length - 1 : below;
  return sound({
    speedLog,
    speedStep: at + (steps[at - 1]! - speedLog) / (steps[at - 1]! - steps[at]!),
    ...(iso && {
      isoGradient: iso.gradient,
      isNormal: Math.abs(iso.gradient * ISO_LOG - ISO_DENSITY) <= ISO_DENSITY_WITHIN,
    }),
    ...(average && { averageGradient: average.gradient }),
    within: {
      speedStops:
        Math.hypot(
          Math.max(...read.sides(speedOf)),
          read.betweenLog,
          together(SPEED_DENSITY) / steepness,
        ) / STOP_IN_LOG,
      ...(iso && { isoGradient: iso.within }),
      ...(average && { averageGradient: average.within }),
    },
    residuals: read.residuals,
    odd: read.odd,
    deviation: read.deviation,
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
