import { observeWithin, type Gaussian, type Weighted, type Weights } from '../numeric/gaussian.ts';
import { settingOf } from '../paper/contrast-sets/index.ts';
import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { EYE_STOPS } from './ways-of-looking.ts';
import { lagOf, type Case, type PrintBelief } from './print-belief.ts';
import {
  LAG,
  NEED,
  PROBE,
  RANGE,
  STOPS_TO_R,
  indexOfSetting,
  rangeAt,
  shapeShare,
  SHAPE,
  speedAt,
  toneNeed,
} from './print-prior.ts';
import { readingScales, type ReadingScaleId } from './reading-scales.ts';

/** A print that was right: what a place of it read, the tone it became, and what one firing dialled. */
export interface RightPrint {
  /** log10 of the light there, on the scale of the other readings. */
  readonly logLight: number;
  /** Density above paper white. */
  readonly netDensity: number;
  /** s, the lamp's lag in it. */
  readonly dialSeconds: number;
  readonly settingId: string;
}

/** Highlight and shadow as they were read, by a probe on the baseboard or on the negative. */
export interface ProbeReadings {
  readonly by: ReadingScaleId;
  /**
   * What they are measured against: readings of one scale share a constant, so that prints made with it tell the next one's
   * time. A probe's holds anywhere; that of densities for one height of the head and one aperture.
   */
  readonly scale: string;
  /** log10 of the light there; for the negative minus its density, as the head counts it. */
  readonly highlightLog: number;
  readonly shadowLog: number;
  readonly right?: RightPrint;
  /** They were read in another set-up, and what its change did to the light may be out by this, stops. */
  readonly doubtStops?: number;
}

/** So many readings in 100 are of another place, or of a lamp that was changed since. */
const MISREAD = 0.02;
/** What was called right may have been out by this, stops. */
const RIGHT_WITHIN = 1.5 * EYE_STOPS;
/** A reading that is wrong may have been anything within this, stops. */
const ANY_TIME = 16;
const ANY_RANGE = 8;

/** One thing that was measured: what it is the sum of, stops, and how far it may be out. */
interface Measured {
  readonly weights: Weights;
  readonly stops: number;
  readonly sd: number;
  /** What it would be within, knew one nothing. */
  readonly anything: number;
}

/** A measurement is seen in a window so narrow that it is a point beside its own error. */
const WINDOW = 0.1;

function measured(belief: PrintBelief, readings: ProbeReadings): Measured[] {
  const { by, highlightLog, shadowLog, right, doubtStops = 0 } = readings;
  const scale = readingScales.find(({ id }) => id === by)!;
  const one = scale.withinLog / STOP_IN_LOG;
  const apart = (shadowLog - highlightLog) / STOP_IN_LOG;
  const range = scale.rangeShare * Math.abs(apart);
  const found: Measured[] = [
    {
      weights: new Map([
        [NEED, 1],
        [PROBE, 1],
      ]),
      stops: -highlightLog / STOP_IN_LOG,
      ...{ sd: Math.hypot(one, doubtStops), anything: ANY_TIME },
    },
    // What a change of set-up is in doubt by is the same for both places, and nothing to their range.
    doubtStops > 0
      ? {
          weights: new Map([[RANGE, 1 / STOPS_TO_R]]),
          stops: apart,
          ...{ sd: Math.hypot(Math.SQRT2 * one, range), anything: ANY_RANGE },
        }
      : {
          weights: new Map([
            [NEED, 1],
            [PROBE, 1],
            [RANGE, -1 / STOPS_TO_R],
          ]),
          stops: -shadowLog / STOP_IN_LOG,
          ...{ sd: Math.hypot(one, range), anything: ANY_RANGE },
        },
  ];
  if (!right) return found;
  if (!(right.dialSeconds > 0)) {
    throw new Refusal('time', '/dialSeconds', 'The print that was right got more than 0 s.');
  }
  const { prior } = belief;
  const setting = settingOf(prior.set, right.settingId);
  const index = indexOfSetting(prior, right.settingId);
  const need = toneNeed(prior.paper, setting, right.netDensity);
  const lag = lagOf(belief).mean;
  const light = Math.max(right.dialSeconds - lag, right.dialSeconds / 50);
  const perLag = 1 / (light * Math.LN2);
  found.push({
    // Its own negative is not this one: what its place needed follows from what it read.
    weights: new Map([
      [PROBE, -1],
      [SHAPE, shapeShare(setting)],
      [speedAt(index), 1],
      [rangeAt(index), need.stopsPerRange],
      [LAG, perLag],
    ]),
    stops: Math.log2(light) + perLag * lag + right.logLight / STOP_IN_LOG - need.stops,
    ...{ sd: Math.hypot(one, RIGHT_WITHIN), anything: ANY_TIME },
  });
  return found;
}

/**
 * The belief after highlight and shadow were read: the negative's range at once, and its time where a print was right on that
 * scale before, or prints have told its constant.
 * @param belief before any look
 * @param readings log10 of the light at highlight and shadow, what read them, and a print that was right, in s
 * @returns the belief after; beside each case one in which the readings are wrong
 * @throws Refusal `time` or `setting` where the print that was right has none
 * @source the light is the reciprocal of the time needed, up to the scale's constant
 * @example
 * settingOutlook(seeProbe(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), { by: "light", scale: "probe", highlightLog: 1, shadowLog: 1.938 }), "2").mismatchSd < 7 // = true
 */
export function seeProbe(belief: PrintBelief, readings: ProbeReadings): PrintBelief {
  sound(readings);
  const all = measured(belief, readings);
  const cases = belief.cases.flatMap(({ weight, of }): Weighted<Case>[] => {
    let state: Gaussian = of.state;
    let fits = 1 - MISREAD;
    let wrong = MISREAD;
    for (const { weights, stops, sd, anything } of all) {
      const half = (WINDOW * sd) / 2;
      const seen = observeWithin(state, weights, stops - half, stops + half, sd ** 2);
      state = { mean: seen.mean, covariance: seen.covariance };
      fits *= seen.mass;
      wrong *= (2 * half) / anything;
    }
    return [
      { weight: weight * fits, of: { ...of, state } },
      { weight: weight * wrong, of: { ...of, misread: true } },
    ];
  });
  const sum = cases.reduce((total, { weight }) => total + weight, 0);
  return {
    prior: belief.prior,
    cases: cases
      .map(({ weight, of }) => ({ weight: weight / sum, of }))
      .sort((a, b) => b.weight - a.weight),
  };
}

/**
 * How probable it is that readings were of another place, or of another lamp.
 * @param belief after readings and looks
 * @returns 0 to 1
 * @source sum over the cases
 * @example
 * misreadOf(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 })) // = 0
 */
export const misreadOf = ({ cases }: PrintBelief): number =>
  sound(cases.reduce((sum, { weight, of }) => sum + (of.misread ? weight : 0), 0));
