import { addStops, ratioInStops } from '../quantity/stops.ts';
import { MOST_PATCHES } from './strip.ts';

/** A strip that settles a bracket. */
export interface NarrowStrip {
  readonly firstSeconds: number;
  readonly stepStops: number;
  readonly patches: number;
}

/**
 * The step that can be told apart at a contrast: harder paper shows smaller steps.
 * @param isoRange R of the paper at the setting
 * @returns stops
 * @source ⅓ stop at R ≥ 130, ¼ at 90–130, ⅙ below 90
 * @example
 * stepForRange(110) // = 0.25
 */
export function stepForRange(isoRange: number): number {
  if (isoRange >= 130) return 1 / 3;
  return isoRange >= 90 ? 1 / 4 : 1 / 6;
}

/**
 * The next strip inside a bracket: as few patches as settle it, step by contrast, wider where that many would not reach both ends.
 * @param lowSeconds lower end of the bracket, s
 * @param highSeconds upper end, s
 * @param isoRange R of the paper at the setting it will be made at
 * @returns first exposure in s, step in stops, number of patches (at least 3)
 * @source narrowing by contrast
 * @example
 * narrowStrip(8, 16, 110).patches // = 5
 */
export function narrowStrip(
  lowSeconds: number,
  highSeconds: number,
  isoRange: number,
): NarrowStrip {
  const widthStops = ratioInStops(highSeconds / lowSeconds);
  const stepStops = Math.max(stepForRange(isoRange), widthStops / (MOST_PATCHES - 1));
  const patches = Math.min(MOST_PATCHES, Math.max(3, Math.ceil(widthStops / stepStops - 1e-9) + 1));
  const middle = Math.sqrt(lowSeconds * highSeconds);
  return {
    firstSeconds: addStops(middle, (-stepStops * (patches - 1)) / 2),
    stepStops,
    patches,
  };
}
