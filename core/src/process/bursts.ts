import { agitationScheme } from '../film/agitation/index.ts';
import type { ProcessStep } from './plan.ts';

/** A stretch of a step in which the hands move the tank, in seconds from the start of the step. */
export interface Burst {
  readonly startSeconds: number;
  readonly endSeconds: number;
}

/**
 * When a step's tank is moved. Bursts count from the start of the step; one that would overlap the pouring out is left out,
 * while the first agitation, and continuous agitation, end where pouring out begins.
 * @param step with its time in s and its agitation
 * @param drainSeconds before the end, for pouring out
 * @returns the bursts in order, s from the start of the step
 * @source practice: do the same each time
 * @example
 * bursts({ id: "d", kind: "developer", seconds: 195, agitation: "each-minute" }, 10) // = [{"startSeconds":0,"endSeconds":30},{"startSeconds":60,"endSeconds":70},{"startSeconds":120,"endSeconds":130}]
 */
export function bursts(step: ProcessStep, drainSeconds: number): Burst[] {
  const scheme = agitationScheme(step.agitation);
  const pourOut = Math.max(0, step.seconds - drainSeconds);
  if (scheme.continuous) return pourOut > 0 ? [{ startSeconds: 0, endSeconds: pourOut }] : [];
  const found: Burst[] = [];
  const firstEnd = Math.min(scheme.initialSeconds, pourOut);
  if (firstEnd > 0) found.push({ startSeconds: 0, endSeconds: firstEnd });
  if (scheme.everySeconds === 0) return found;
  for (
    let startSeconds = scheme.everySeconds;
    startSeconds + scheme.burstSeconds <= pourOut;
    startSeconds += scheme.everySeconds
  ) {
    if (startSeconds >= scheme.initialSeconds) {
      found.push({ startSeconds, endSeconds: startSeconds + scheme.burstSeconds });
    }
  }
  return found;
}
