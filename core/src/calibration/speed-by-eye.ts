import { nearestStandardSpeed } from '../film/standard-speed.ts';
import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';
import { TABLET_STEPS, TABLET_STEP_LOG } from './step-tablet.ts';

/** The last step that a film of its set speed shows. */
export const TARGET_STEP = 20;
/** Two people’s last step differ by one, which is half a stop. */
const EYE_WITHIN_STOPS = 0.5;

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
 * Film speed by eye: the last step of the tablet still told from the tape on its last one.
 * @param exposedAt the EI set at the meter
 * @param lastStep the last step told from the tape, counted from 1
 * @param target the last step that a film of the set speed shows, 20 unless the user moved it
 * @returns the EI, and how well it is known
 * @throws Refusal `last-step` unless it is a step of the tablet, `speed` unless the EI is more than zero
 * @source EI = set·2^((last − 20)·0.15/log10 2)
 * @example
 * speedByEye(320, 17).exposureIndex // ≈ 113.5
 */
export function speedByEye(
  exposedAt: number,
  lastStep: number,
  target: number = TARGET_STEP,
): SpeedByEye {
  const isStep = (step: number) => step >= 1 && step <= TABLET_STEPS && Number.isInteger(step);
  if (!isStep(lastStep) || !isStep(target)) {
    throw new Refusal(
      'last-step',
      '/lastStep',
      `The last step seen is one of the tablet’s, from 1 to ${TABLET_STEPS}.`,
    );
  }
  const stopsLess = ((target - lastStep) * TABLET_STEP_LOG) / STOP_IN_LOG;
  const exposureIndex = exposedAt * 2 ** -stopsLess;
  const nearest = nearestStandardSpeed(exposureIndex);
  return sound({ exposureIndex, nearest, stopsLess, withinStops: EYE_WITHIN_STOPS });
}
