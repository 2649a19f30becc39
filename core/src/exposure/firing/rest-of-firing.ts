import type { Lamp } from '../strip.ts';
import { sound } from '../../quantity/sound.ts';

/**
 * What to dial for the rest of a firing that was stopped early. The lamp had to glow up, and will have to once more.
 * @param dialSeconds what was to be dialled, s
 * @param litSeconds how long it was switched on, s
 * @param lamp what it loses at each firing, and the timer's step, s
 * @returns what to dial for the rest, s; 0 when nothing lacks, or less than the timer can give
 * @source dial = q·round((t − (stopped − δ) + δ)/q)
 * @example
 * restOfFiring(10, 4, { lagSeconds: 0.2, timerStepSeconds: 0.1 }) // = 6.2
 * restOfFiring(10, 0.1, { lagSeconds: 0.2, timerStepSeconds: 0.1 }) // = 10
 */
export function restOfFiring(dialSeconds: number, litSeconds: number, lamp: Lamp): number {
  const { lagSeconds, timerStepSeconds } = sound(lamp);
  if (litSeconds <= 0) return dialSeconds;
  const light = Math.max(0, litSeconds - lagSeconds);
  const lacks = dialSeconds - lagSeconds - light;
  if (lacks <= 0) return 0;
  const dial = Math.round((lacks + lagSeconds) / timerStepSeconds) * timerStepSeconds;
  return dial > lagSeconds ? sound(Number(dial.toFixed(6))) : 0;
}
