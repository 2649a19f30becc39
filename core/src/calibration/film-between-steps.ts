import { SPEED_DENSITY } from '../film/film-curve.ts';
import { lastFall, valueAt } from '../numeric/steps-line.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';

/** ISO 6: the gradient is taken over this log exposure from the speed point. */
export const ISO_LOG = 1.3;
/** The average gradient spans zone I to zone VIII. */
export const ZONE_SPAN_LOG = 7 * STOP_IN_LOG;

/** Speed point and gradients as neighbouring steps give them. */
export interface FilmBetweenSteps {
  /** log10 exposure, against step 1, that gives 0.10 above base and fog. */
  readonly speedLog: number;
  /** The same as a step, counted from 1, between two of them. */
  readonly speedStep: number;
  /** ISO 6 gradient, ΔD over 1.30; missing where the tablet ends before. */
  readonly isoGradient?: number;
  /** From zone I at the speed point to zone VIII; missing where the tablet ends before. */
  readonly averageGradient?: number;
}

/**
 * The speed point and the gradients of a film, with a straight line from step to step.
 * @param steps log10 exposure of each step against step 1, from `tabletSteps`
 * @param densities of the same steps, base and fog counted
 * @param baseFog base and fog
 * @returns the speed point and the gradients; it says nothing of how well they are known
 * @throws Refusal `film-densities` where no step falls through 0.10 above base and fog
 * @source ISO 6 speed point (0.10 above base and fog); gradients ΔD/1.30 and zone I to VIII
 * @example
 * filmBetweenSteps([0, -0.6, -1.2, -1.8, -2.4, -2.7, -3], [1.88, 1.51, 1.13, 0.76, 0.41, 0.31, 0.28], 0.27).isoGradient // ≈ 0.5751
 */
export function filmBetweenSteps(
  steps: readonly number[],
  densities: readonly number[],
  baseFog: number,
): FilmBetweenSteps {
  sound([steps, densities, [baseFog]]);
  const fall = lastFall(densities, baseFog + SPEED_DENSITY);
  if (!fall) throw new Refusal('film-densities', '/densities', noSpeedPoint(baseFog));
  const { index, share } = fall;
  const speedLog = steps[index]! + share * (steps[index + 1]! - steps[index]!);
  const over = (span: number) => {
    const upper = valueAt(steps, densities, speedLog + span);
    return upper === undefined ? undefined : (upper - baseFog - SPEED_DENSITY) / span;
  };
  const [isoGradient, averageGradient] = [over(ISO_LOG), over(ZONE_SPAN_LOG)];
  return sound({
    ...{ speedLog, speedStep: index + 1 + share },
    ...(isoGradient !== undefined && { isoGradient }),
    ...(averageGradient !== undefined && { averageGradient }),
  });
}

/** What is said of a film whose steps never fall through the speed point. */
export const noSpeedPoint = (baseFog: number): string =>
  `No step falls through ${(baseFog + SPEED_DENSITY).toFixed(2)}, 0.10 above base and fog: the film was exposed too much or too little for this test.`;
