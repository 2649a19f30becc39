import { observeWithin, type Gaussian, type Weights } from '../numeric/gaussian.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import type { PrintBelief } from './print-belief.ts';
import { NEED, PROBE, RANGE } from './print-prior.ts';

/** Two readings of a light probe on the baseboard, of the highlight and of the shadow. */
export interface ProbeReadings {
  /** log10 of the light there, on the probe's own scale. */
  readonly highlightLog: number;
  readonly shadowLog: number;
}

/** A probe on the baseboard errs by this, stops and R. */
const PROBE_STOPS = 0.03;
const PROBE_RANGE = 1;

/**
 * The belief after two probe readings: the negative's range at once, its time as soon as a print has told the probe's
 * constant.
 * @param belief before
 * @param readings log10 of the light at highlight and shadow
 * @returns the belief after
 * @source the light is the reciprocal of the time needed, up to the probe's constant
 * @example
 * settingOutlook(seeProbe(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), { highlightLog: 1, shadowLog: 1.938 }), "2").mismatchSd < 6 // = true
 */
export function seeProbe(belief: PrintBelief, readings: ProbeReadings): PrintBelief {
  const { highlightLog, shadowLog } = readings;
  const near = (state: Gaussian, weights: Weights, seen: number, sd: number): Gaussian =>
    observeWithin(state, weights, seen - sd / 10, seen + sd / 10, sd ** 2);
  const constant: Weights = new Map([
    [NEED, 1],
    [PROBE, 1],
  ]);
  const stops = -highlightLog / STOP_IN_LOG;
  return {
    prior: belief.prior,
    cases: belief.cases.map(({ weight, of: { state, ...rest } }) => ({
      weight,
      of: {
        state: near(
          near(state, constant, stops, PROBE_STOPS),
          new Map([[RANGE, 1]]),
          100 * (shadowLog - highlightLog),
          PROBE_RANGE,
        ),
        ...rest,
      },
    })),
  };
}
