import { soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** Factors in use: seconds until the first tone are multiplied by one of these. */
export const toneFactors = [4, 5, 6] as const;
export type ToneFactor = (typeof toneFactors)[number];
export const USUAL_TONE_FACTOR: ToneFactor = 5;

/**
 * How long a sheet stays in the developer by the first tone: it corrects itself for a warm, cold or tired developer.
 * @param firstToneSeconds from putting the sheet in until the first tone shows, s
 * @param factor 4 to 6
 * @returns s in the developer, the drain before the next tray counted in
 * @throws Refusal `first-tone` unless some time went by
 * @source factor development
 * @example
 * developerByFactor(12, 5) // = 60
 */
export function developerByFactor(firstToneSeconds: number, factor: ToneFactor): number {
  if (!(firstToneSeconds > 0)) {
    throw new Refusal('first-tone', '/firstToneSeconds', 'The first tone takes some seconds.');
  }
  return soundTime(firstToneSeconds * factor);
}
