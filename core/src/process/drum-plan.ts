import { sound } from '../quantity/sound.ts';
import type { ProcessPlan } from './plan.ts';
import { drumStepKinds } from './step-kinds/index.ts';

/** How long a drum pours out, s; drain time counts in. */
const DRUM_DRAIN_SECONDS = 10;

/** Times in a drum that differ from the usual ones, s. */
export type DrumSeconds = Partial<Record<(typeof drumStepKinds)[number]['id'], number>>;

/**
 * The way of a colour print through a closed drum: warmed with water, developed, bleached and fixed, washed.
 * @param seconds of a step, by its kind, where it differs from the usual
 * @returns the plan
 * @source usual times of each kind of step: 45 s each at 35 °C
 * @example
 * drumPlan({ "drum-developer": 50 }).steps.map((step) => step.seconds) // = [60, 50, 45, 120]
 */
export function drumPlan(seconds: DrumSeconds = {}): ProcessPlan {
  return sound({
    steps: drumStepKinds.map(({ id, usualSeconds, agitation }) => ({
      ...{ id, kind: id, agitation },
      seconds: seconds[id] ?? usualSeconds,
    })),
    drainSeconds: DRUM_DRAIN_SECONDS,
    clockStart: 'pouring-begins' as const,
  });
}
