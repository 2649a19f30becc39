import { sound } from '../quantity/sound.ts';
import { addStops, ratioInStops } from '../quantity/stops.ts';
import { MOST_PATCHES } from './strip.ts';

/** A strip that settles a bracket. */
export interface NarrowStrip {
  readonly firstSeconds: number;
  readonly stepStops: number;
  readonly patches: number;
}

/** A strip in larger steps than this says little, stops. */
const WIDEST_STEP = 0.5;
/** More patches than this are worth their paper only where steps would else be wider than the widest. */
const USUAL_PATCHES = 9;

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
 * The next strip inside a bracket: as few patches as settle it, step by contrast, wider where that many would not reach both
 * ends; nine patches as long as steps of half a stop reach that far.
 * @param lowSeconds lower end of the bracket, s
 * @param highSeconds upper end, s
 * @param isoRange R of the paper at the setting it will be made at
 * @param mostPatches that the sheet has room for
 * @returns first exposure in s, step in stops, number of patches (at least 3)
 * @source step = max(step by contrast, width / (patches − 1))
 * @example
 * narrowStrip(8, 16, 110).patches // = 5
 */
export function narrowStrip(
  lowSeconds: number,
  highSeconds: number,
  isoRange: number,
  mostPatches = MOST_PATCHES,
): NarrowStrip {
  sound({ lowSeconds, highSeconds, isoRange, mostPatches });
  const widthStops = ratioInStops(highSeconds / lowSeconds);
  const usual = Math.min(mostPatches, USUAL_PATCHES);
  const most = widthStops / (usual - 1) > WIDEST_STEP ? mostPatches : usual;
  const stepStops = Math.max(stepForRange(isoRange), widthStops / (most - 1));
  const patches = Math.min(most, Math.max(3, Math.ceil(widthStops / stepStops - 1e-9) + 1));
  const middle = Math.sqrt(lowSeconds * highSeconds);
  return sound({
    firstSeconds: addStops(middle, (-stepStops * (patches - 1)) / 2),
    stepStops,
    patches,
  });
}
