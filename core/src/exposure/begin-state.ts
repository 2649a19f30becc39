import type { Gaussian } from '../numeric/gaussian.ts';
import { WHITE_WITHIN, lookedAtWith } from '../paper/contrast-sets/set.ts';
import { Refusal } from '../refusal.ts';
import {
  LAG,
  NEED,
  PROBE,
  RANGE,
  SETTINGS,
  SHAPE,
  USUAL_RANGE,
  modelsOf,
  nearestIndex,
  rangeAt,
  speedAt,
  type PrintPrior,
} from './print-prior.ts';

/** The toe of a paper may need this much more or less light for a highlight at R 110, one standard deviation, stops. */
const SHAPE_STOPS = 0.112;
/** A negative that nobody has seen asks for the usual R, give or take this. */
const RANGE_SD = 42;
/** Nothing is known of a probe's constant before a print was made with it, stops. */
export const PROBE_SD = 8;
/** A uniform error of ±w has this share of w as standard deviation. */
export const UNIFORM = 1 / Math.sqrt(3);

/** What is believed of all numbers before the first strip. */
export const beginState = (prior: PrintPrior): Gaussian => {
  if (!(prior.guessSeconds > 0 && prior.guessSeconds > prior.lagSeconds)) {
    throw new Refusal(
      'guess',
      '/guessSeconds',
      'A first guess at the time is more than zero, and more than the lamp’s lag.',
    );
  }
  const settings = lookedAtWith(prior.set);
  const usual = modelsOf(prior)[nearestIndex(prior.set.settings, USUAL_RANGE)]!;
  const size = SETTINGS + 2 * settings.length;
  const mean = Array.from({ length: size }, () => 0);
  const sd = Array.from({ length: size }, () => 0);
  mean[NEED] = Math.log2(prior.guessSeconds - prior.lagSeconds) - usual.highlightStops;
  sd[NEED] = prior.guessWithinStops * UNIFORM;
  mean[RANGE] = usual.toneRange;
  sd[RANGE] = RANGE_SD;
  mean[LAG] = prior.lagSeconds;
  sd[LAG] = prior.lagWithinSeconds * UNIFORM;
  sd[SHAPE] = SHAPE_STOPS;
  sd[PROBE] = PROBE_SD;
  settings.forEach((setting, index) => {
    const white = setting === prior.set.white;
    const speed = white ? WHITE_WITHIN.speedStops : prior.speedWithinStops;
    const share = white ? WHITE_WITHIN.rangeShare : prior.rangeWithinShare;
    sd[speedAt(index)] = speed * UNIFORM;
    sd[rangeAt(index)] = share * UNIFORM * setting.range;
  });
  const covariance = sd.map((value, i) => sd.map((_, j) => (i === j ? value ** 2 : 0)));
  return { mean, covariance };
};
