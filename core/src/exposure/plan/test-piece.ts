import type { MixExposure } from '../../paper/mixed-light.ts';
import type { Paper } from '../../paper/paper.ts';
import { sound } from '../../quantity/sound.ts';
import { Refusal } from '../../refusal.ts';
import type { Lamp } from '../strip.ts';
import { burnOver } from './burn-over.ts';
import { dialed, lightOfDial } from './dial.ts';
import type { PlanExposure, PlanSetting } from './sequence.ts';

/** A third of a test piece: how much its place gets, and in which setting what it gets on top is given. */
export interface PiecePatch {
  readonly stops: number;
  readonly setting: PlanSetting;
}

/** One switching-on of the lamp over a test piece. */
export interface PieceFiring {
  readonly setting: PlanSetting;
  readonly dialSeconds: number;
  readonly lightSeconds: number;
  /** The patches that lie open, counted from nought. */
  readonly open: readonly number[];
}

const MOST_PATCHES = 6;

/**
 * A small strip over one area of a plan: the base, and on top what each patch is to get. Of one setting the patches are
 * covered one after the other; of several each is open alone.
 * @param paper layers
 * @param base one exposure or a pair; R, speed and s
 * @param patches stops and setting of each, from the least to the most
 * @param netDensity the tone that the area takes, density above Dmin
 * @param lamp lag and timer step, s
 * @returns firings in order
 * @throws Refusal `piece` for no patches or too many, or a base of nothing
 * @source a cover-up strip over a base; burns in another setting by the layer model
 * @example
 * testPiece(defaultPaper, [{ id: "a", range: 110, speedStops: 0, seconds: 10 }], [{ stops: 1, setting: { id: "a", range: 110, speedStops: 0 } }], 0.1, { lagSeconds: 0.2, timerStepSeconds: 0.1 }).map((firing) => firing.dialSeconds) // = [10.2, 10.2]
 */
export function testPiece(
  paper: Paper,
  base: readonly PlanExposure[],
  patches: readonly PiecePatch[],
  netDensity: number,
  lamp: Lamp,
): PieceFiring[] {
  sound([base, patches, netDensity, lamp]);
  const some = patches.length > 0 && patches.length <= MOST_PATCHES;
  if (!some || base.length === 0 || !base.every(({ seconds }) => seconds > 0)) {
    throw new Refusal('piece', '/patches', 'A test piece has a base and one to six patches.');
  }
  // Held back, its patches begin with less than the base.
  const least = Math.min(0, ...patches.map(({ stops }) => stops));
  const all = patches.map((_, n) => n);
  const firings: PieceFiring[] = [];
  const had: MixExposure[][] = patches.map(() => []);
  const give = (
    seconds: number,
    { id, range, speedStops }: PlanSetting,
    open: readonly number[],
  ) => {
    const dialSeconds = dialed(seconds + lamp.lagSeconds, lamp);
    const lightSeconds = lightOfDial(dialSeconds, lamp);
    if (lightSeconds <= 0) return;
    const setting = { id, range, speedStops };
    firings.push({ setting, dialSeconds, lightSeconds, open });
    for (const n of open) had[n]!.push({ ...setting, seconds: lightSeconds });
  };
  for (const { seconds, ...setting } of base) give(seconds * 2 ** least, setting, all);
  const together = patches.every(({ setting }) => setting.id === patches[0]!.setting.id);
  for (const [n, { stops, setting }] of patches.entries()) {
    const wanted = base.map((one) => ({ ...one, seconds: one.seconds * 2 ** stops }));
    const lacks = burnOver(paper, had[n]!, wanted, setting, netDensity);
    if (lacks > 0) give(lacks, setting, together ? all.slice(n) : [n]);
  }
  return sound(firings);
}
