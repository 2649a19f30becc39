import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
import type { Firing, Lamp } from '../strip.ts';

/** Less light than this is not worth a firing of its own, s. */
const LEAST_LIGHT = 0.05;

/**
 * A print given in the same firings as the cover-up strip that it was read from, so that the lamp's lag and glow are the
 * strip's own, measured or not. The last firing is what still lacks.
 * @param firings of the strip
 * @param seconds that the paper shall get
 * @param lamp lag and timer step, s
 * @returns what to dial for each firing, s
 * @throws Refusal `as-fired` when the time is shorter than the strip's first firing
 * @source the school that repeats the strip instead of correcting for the lamp
 * @example
 * repeatAsFired([4.2, 1.8, 2.5, 3.5].map((dialSeconds, covered) => ({ dialSeconds, covered, hands: "" })), 9.2, { lagSeconds: 0.2, timerStepSeconds: 0.1 }) // = [4.2, 1.8, 2.5, 1.5]
 */
export function repeatAsFired(firings: readonly Firing[], seconds: number, lamp: Lamp): number[] {
  sound({ firings, seconds, lamp });
  const { lagSeconds, timerStepSeconds } = lamp;
  const rounded = (value: number) =>
    Number((Math.round(value / timerStepSeconds) * timerStepSeconds).toFixed(6));
  const dials: number[] = [];
  let lacking = seconds;
  for (const { dialSeconds } of firings) {
    const light = dialSeconds - lagSeconds;
    if (light > lacking + LEAST_LIGHT) break;
    dials.push(dialSeconds);
    lacking -= light;
  }
  if (dials.length === 0) {
    throw new Refusal(
      'as-fired',
      '/seconds',
      'The print is shorter than the strip’s first firing; dial it as one.',
    );
  }
  const last = rounded(lacking + lagSeconds);
  return sound(lacking > LEAST_LIGHT && last > 0 ? [...dials, last] : dials);
}
