import { planStrip, type Lamp, type StripChoices } from './strip.ts';
import { stripMethods } from './strip-methods/index.ts';

/** A patch as it was fired. */
export interface FiredPatch {
  /** All that was dialled for it, s. */
  readonly dialSeconds: number;
  /** In how many firings. */
  readonly firings: number;
  /** What a second of then is worth in the set-up of now, where that was changed since; 1 unless said. */
  readonly worth?: number;
}

/**
 * Every patch of a strip as it was fired: where exposures add up, in one firing more than the patch before.
 * @param choices kind, method, first exposure in s, step, number of patches
 * @param lamp lag and timer step, s
 * @returns what was dialled for each, s, and in how many firings
 * @throws Refusal as `planStrip`
 * @source cover up, never uncover
 * @example
 * firedPatches({ kind: "stops", method: "cover-up", firstSeconds: 4, step: 1, patches: 3 }, { lagSeconds: 0, timerStepSeconds: 0.1 }).map(({ dialSeconds, firings }) => [dialSeconds, firings]) // = [[4,1],[8,2],[16,3]]
 */
export function firedPatches(choices: StripChoices, lamp: Lamp): FiredPatch[] {
  const { firings } = planStrip(choices, lamp);
  const { addsUp } = stripMethods.find(({ id }) => id === choices.method)!;
  let sum = 0;
  return firings.map(({ dialSeconds }, index) => {
    sum += dialSeconds;
    return addsUp ? { dialSeconds: sum, firings: index + 1 } : { dialSeconds, firings: 1 };
  });
}

/**
 * The light of a patch with a lamp that lags.
 * @param patch as it was fired
 * @param lagSeconds light lost at each firing, s
 * @returns s of light, in the set-up of now; never less than a fiftieth of what was dialled
 * @source light = dial − δ for every firing
 * @example
 * lightOfPatch({ dialSeconds: 10, firings: 4 }, 0.2) // ≈ 9.2
 */
export const lightOfPatch = (
  { dialSeconds, firings, worth = 1 }: FiredPatch,
  lagSeconds: number,
): number => worth * Math.max(dialSeconds - firings * lagSeconds, dialSeconds / 50);

/** What a place between two patches got, or beyond the last: even in stops between neighbours. */
export const patchAt = (patches: readonly FiredPatch[], position: number): FiredPatch => {
  if (patches.length === 1) return patches[0]!;
  const lower = Math.min(Math.max(Math.floor(position), 0), patches.length - 2);
  const a = patches[lower]!;
  const b = patches[lower + 1]!;
  const share = position - lower;
  return {
    dialSeconds: a.dialSeconds * (b.dialSeconds / a.dialSeconds) ** share,
    firings: a.firings + (b.firings - a.firings) * share,
    ...(a.worth !== undefined && { worth: a.worth }),
  };
};
