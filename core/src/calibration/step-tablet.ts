import { sound } from '../quantity/sound.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { Refusal } from '../refusal.ts';

/** A usual tablet: so many steps, each of half a stop. */
export const TABLET_STEPS = 21;
export const TABLET_STEP_LOG = 0.15;
const MOST_STEPS = 60;
/** Step 1 is exposed at zone X, so many stops above the meter's mid-grey. */
export const ABOVE_METER_STOPS = 5;
/** Zone I lies here, where step 1 lies at zone X: step 19 of a usual tablet, log10 exposure against step 1. */
export const ZONE_ONE_LOG = -18 * TABLET_STEP_LOG;

/**
 * The exposure through each step of a tablet against that through its first.
 * @param densities of the steps as calibrated, step 1 first; or a number: so many steps of 0.15
 * @returns log10 exposure, 0 for step 1, then negative
 * @throws Refusal `tablet` for fewer than 3 or more than 60 steps, or one that is not denser than that before it
 * @source log H falls by as much as the tablet's density rises
 * @example
 * tabletSteps([0.05, 0.2, 0.36])[2] // ≈ -0.31
 */
export function tabletSteps(densities: number | readonly number[] = TABLET_STEPS): number[] {
  const counted = typeof densities === 'number' ? densities : densities.length;
  if (!(counted >= 3 && counted <= MOST_STEPS && Number.isInteger(counted))) {
    throw new Refusal('tablet', '/steps', `A step tablet has from 3 to ${MOST_STEPS} steps.`);
  }
  if (typeof densities === 'number') {
    return Array.from({ length: counted }, (_, index) => 0 - index * TABLET_STEP_LOG);
  }
  const wrong = densities.findIndex(
    (density, index) => index > 0 && !(density > densities[index - 1]!),
  );
  if (wrong > 0) {
    throw new Refusal(
      'tablet',
      `/steps/${wrong}`,
      `Step ${wrong + 1} of the tablet is no denser than step ${wrong}: step 1 is the clearest.`,
    );
  }
  return sound(densities.map((density) => densities[0]! - density));
}

/**
 * The zone that a step lies at, where step 1 lies at zone X.
 * @param step counted from 1
 * @returns the zone as a number: 10 for X, 1 for I
 * @source half a zone a step of 0.15: X − 0.4983·(n − 1)
 * @example
 * zoneOfStep(11) // ≈ 5.017
 */
export function zoneOfStep(step: number): number {
  return sound(10 - ((step - 1) * TABLET_STEP_LOG) / STOP_IN_LOG);
}
