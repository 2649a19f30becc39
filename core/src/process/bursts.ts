import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { agitationScheme } from '../film/agitation/index.ts';
import type { ProcessStep } from './plan.ts';

/** A stretch of a step in which the hands move the tank, in seconds from the start of the step. */
export interface Burst {
  readonly startSeconds: number;
  readonly endSeconds: number;
}

/**
 * When a step's tank is moved. Bursts count from the start of the step; one that would overlap the pouring out is left out,
 * while the first agitation, and continuous agitation, end where pouring out begins. A burst that begins while the first
 * agitation still goes on is part of it. Asked for a stretch of time, only what lies in it is worked out.
 * @param step with its time in s and its agitation
 * @param drainSeconds before the end, for pouring out
 * @param fromSeconds only what is not over by then, s from the start of the step
 * @param toSeconds only what begins before then
 * @returns the bursts in order, s from the start of the step
 * @throws Refusal `step-length` over two days, `agitation` for more than a burst a second
 * @source practice: do the same each time
 * @example
 * bursts({ id: "d", kind: "developer", seconds: 195, agitation: "each-minute" }, 10) // = [{"startSeconds":0,"endSeconds":30},{"startSeconds":60,"endSeconds":70},{"startSeconds":120,"endSeconds":130}]
 */
export function bursts(
  step: ProcessStep,
  drainSeconds: number,
  fromSeconds = 0,
  toSeconds = Infinity,
): Burst[] {
  const { initialSeconds, everySeconds, burstSeconds, continuous } = agitationScheme(
    step.agitation,
  );
  if (!(step.seconds <= LONGEST_STEP_SECONDS && everySeconds >= 0)) {
    throw new Refusal('step-length', '/seconds', 'A step takes at most two days.');
  }
  sound([drainSeconds, fromSeconds, initialSeconds, everySeconds, burstSeconds]);
  const pourOut = Math.max(0, step.seconds - drainSeconds);
  const found: Burst[] = [];
  const add = (startSeconds: number, endSeconds: number) => {
    const here = endSeconds > fromSeconds && startSeconds < toSeconds;
    if (here && endSeconds > startSeconds) found.push({ startSeconds, endSeconds });
  };
  add(0, continuous ? pourOut : Math.min(initialSeconds, pourOut));
  if (continuous || everySeconds === 0) return found;
  const first = Math.max(1, Math.floor((fromSeconds - burstSeconds) / everySeconds));
  const last = Math.min(pourOut - burstSeconds, toSeconds);
  if (last - first * everySeconds > everySeconds * MOST_BURSTS) {
    throw new Refusal('agitation', '/everySeconds', 'The tank is moved at most once a second.');
  }
  for (let turn = first; turn * everySeconds <= last; turn += 1) {
    const startSeconds = turn * everySeconds;
    if (startSeconds > initialSeconds || initialSeconds === 0) {
      // A turn that takes no time is still a turn.
      add(startSeconds, startSeconds + Math.max(burstSeconds, LEAST_BURST_SECONDS));
    }
  }
  return found;
}

/** Water and slow developers included. */
const LONGEST_STEP_SECONDS = 172_800;
/** Once a second for two days. */
const MOST_BURSTS = LONGEST_STEP_SECONDS;
/** The shortest burst that the hands can make, s. */
const LEAST_BURST_SECONDS = 1;
