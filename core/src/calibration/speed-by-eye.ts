import { nearestStandardSpeed } from '../film/standard-speed.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { TABLET_STEP_LOG, tabletSteps } from './step-tablet.ts';

/** The last step that a film of its set speed shows on a usual tablet. */
export const TARGET_STEP = 20;
/** Between that step, which is seen, and the next one, which is not, the film ends: log10 exposure against step 1, on any tablet. */
const TARGET_LOG = -(TARGET_STEP - 0.5) * TABLET_STEP_LOG;
/** Two steps of a usual tablet are counted as a stop. */
const COUNTED_STOP_LOG = 2 * TABLET_STEP_LOG;

/** A film's speed by the last step that can be told from the tape. */
export interface SpeedByEye {
  readonly exposureIndex: number;
  /** The same as a standard speed. */
  readonly nearest: number;
  /** So much less than was set, stops; negative is more. */
  readonly stopsLess: number;
  readonly withinStops: number;
}

/**
 * The last step that a film of its set speed shows on a tablet.
 * @param steps log10 exposure of each step against step 1, as `tabletSteps`
 * @returns the step, counted from 1: the nearest to step 20 of a usual tablet
 * @throws Refusal `tablet` for one that ends before it
 * @source step 1 at zone X: between 2.85 and 3.00 of density below it a film of its set speed ends
 * @example
 * targetStep(tabletSteps(21)) // = 20
 */
export function targetStep(steps: readonly number[]): number {
  const ends = steps.map((log, at) => {
    const next = steps[at + 1] ?? 2 * log - (steps[at - 1] ?? 0);
    return Math.abs((log + next) / 2 - TARGET_LOG);
  });
  const nearest = ends.indexOf(Math.min(...ends));
  if (!((ends[nearest] ?? Infinity) <= TABLET_STEP_LOG)) {
    throw new Refusal(
      'tablet',
      '/steps',
      'No step of this tablet lies where the last one of a right speed does, 2.85 to 3.00 below step 1: give the step that is right with it.',
    );
  }
  return sound(nearest + 1);
}

/**
 * Film speed by eye: the last step of the tablet still told from the tape on its last one.
 * @param exposedAt the EI set at the meter
 * @param lastStep the last step told from the tape, counted from 1
 * @param target the last step that a film of the set speed shows; that of the tablet unless the user moved it
 * @param steps log10 exposure of each step against step 1; a usual tablet unless it is another
 * @returns the EI, and how well it is known: two people's last step differ by one
 * @throws Refusal `last-step` unless it is a step of the tablet, `tablet` as `targetStep`
 * @source EI = set·2^((H target − H last)/log10 2)
 * @example
 * speedByEye(320, 17).exposureIndex // ≈ 113.5
 */
export function speedByEye(
  exposedAt: number,
  lastStep: number,
  target?: number,
  steps: readonly number[] = tabletSteps(),
): SpeedByEye {
  const right = target ?? targetStep(steps);
  const isStep = (step: number) => step >= 1 && step <= steps.length && Number.isInteger(step);
  if (!isStep(lastStep) || !isStep(right)) {
    throw new Refusal(
      'last-step',
      '/lastStep',
      `The last step seen is one of the tablet’s, from 1 to ${steps.length}.`,
    );
  }
  const logOf = (step: number) => steps[Math.min(steps.length, Math.max(1, step)) - 1]!;
  const stopsLess = (logOf(lastStep) - logOf(right)) / STOP_IN_LOG;
  const exposureIndex = exposedAt * 2 ** -stopsLess;
  const nearest = nearestStandardSpeed(exposureIndex);
  const apart = Math.max(
    logOf(lastStep - 1) - logOf(lastStep),
    logOf(lastStep) - logOf(lastStep + 1),
  );
  return sound({
    exposureIndex,
    nearest,
    stopsLess,
    withinStops: Number((apart / COUNTED_STOP_LOG).toFixed(6)),
  });
}
