import { agitationScheme, type Agitation } from './agitation/index.ts';

/** Moved all the time instead of now and then multiplies the time by this, by rule of thumb. */
export const CONTINUOUS_FACTOR = 0.85;
/** Bursts further apart than this leave the developer to stand, s. */
const STANDS = 180;

/** What a scheme amounts to for the time it needs. */
export type AgitationFamily = 'continuous' | 'intermittent' | 'stand';

/**
 * What a scheme amounts to: moved all the time, now and then, or left to stand.
 * @param agitation an id or a scheme of one's own
 * @returns the family
 * @source practice: only the family changes a time, the rest is doing the same each time
 * @example
 * agitationFamily("semi-stand") // = "stand"
 */
export function agitationFamily(agitation: Agitation): AgitationFamily {
  const { continuous, everySeconds } = agitationScheme(agitation);
  if (continuous) return 'continuous';
  return everySeconds === 0 || everySeconds >= STANDS ? 'stand' : 'intermittent';
}

/**
 * What another agitation than the recipe's does to the time.
 * @param recipe the agitation that the recipe's times are for
 * @param used the agitation of this run
 * @returns a factor; undefined where no rule leads from one to the other (to or from standing)
 * @source rule of thumb: ×0.85 for continuous or rotary where the recipe was for intermittent
 * @example
 * agitationFactor("each-minute", "rotary") // = 0.85
 */
export function agitationFactor(recipe: Agitation, used: Agitation): number | undefined {
  const from = agitationFamily(recipe);
  const to = agitationFamily(used);
  if (from === to) return 1;
  if (from === 'stand' || to === 'stand') return undefined;
  return to === 'continuous' ? CONTINUOUS_FACTOR : 1 / CONTINUOUS_FACTOR;
}
