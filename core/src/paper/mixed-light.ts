import { sound, soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { STOP_IN_LOG } from '../quantity/stops.ts';
import { findRoot } from '../numeric/find-root.ts';
import { curveFor, densityAt, logExposureAt, logOfTone, type PaperCurve } from './curve.ts';
import type { Paper } from './paper.ts';
import { blueShareFor, isoRange } from './range.ts';

/** A contrast to expose at: its range, and its speed against ISO speed 0. */
export interface MixSetting {
  readonly range: number;
  /** Negative is slower, stops. */
  readonly speedStops: number;
}

/** One exposure of several that a sheet gets. */
export interface MixExposure extends MixSetting {
  readonly seconds: number;
}

/** ISO 6846 speed is measured here above Dmin. */
const SPEED_DENSITY = 0.6;

/** Light by its two colours, in units of the paper's own. */
export interface BlueAndGreen {
  readonly blue: number;
  readonly green: number;
}

/**
 * The light of a second at a setting.
 * @param paper layers
 * @param setting R, and speed in stops
 * @returns blue and green, in units of the paper's own
 * @source the layer model; settings of equal ISO speed reach the speed point in the same time
 * @example
 * lightOf(defaultPaper, { range: 110, speedStops: -1 }).blue // ≈ 0
 */
export function lightOf(paper: Paper, { range, speedStops }: MixSetting): BlueAndGreen {
  const share = blueShareFor(paper, range);
  const atSpeedPoint = logExposureAt(curveFor(paper, share), paper.dMin + SPEED_DENSITY);
  // Settings of equal speed reach the speed point in the same time; a slower one in longer.
  const light = 10 ** (atSpeedPoint + speedStops * STOP_IN_LOG);
  return sound({ blue: light * share, green: light * (1 - share) });
}

/** What several exposures amount to: one contrast, and the time at it. */
export interface MixAnswer {
  /** R of the single contrast that the exposures amount to. */
  readonly range: number;
  /** The time at that contrast and ISO speed 0, s. */
  readonly seconds: number;
  /** Its curve. */
  readonly curve: PaperCurve;
}

/**
 * What several exposures at different contrasts amount to: light adds, whatever the order.
 * @param paper layers
 * @param exposures R, speed in stops and s of each; at least one longer than nothing
 * @returns the single contrast they amount to, and the time at it
 * @throws Refusal `no-light` when nothing was exposed
 * @source the layer model: blue and green add, and one share of blue is one contrast
 * @example
 * mixOf(defaultPaper, [{ range: 110, speedStops: 0, seconds: 4 }, { range: 110, speedStops: 0, seconds: 6 }]).seconds // ≈ 10.0
 */
export function mixOf(paper: Paper, exposures: readonly MixExposure[]): MixAnswer {
  sound(exposures);
  let blue = 0;
  let green = 0;
  for (const exposure of exposures) {
    const light = lightOf(paper, exposure);
    blue += light.blue * exposure.seconds;
    green += light.green * exposure.seconds;
  }
  const total = blue + green;
  if (!(total > 0)) throw new Refusal('no-light', '', 'Nothing was exposed.');
  const curve = curveFor(paper, blue / total);
  const speedPoint = 10 ** logExposureAt(curve, paper.dMin + SPEED_DENSITY);
  return sound({ range: isoRange(curve), seconds: total / speedPoint, curve });
}

/** A soft and a hard exposure that together amount to one contrast. */
export interface SplitPair {
  readonly softSeconds: number;
  readonly hardSeconds: number;
}

/**
 * The pair of exposures that amounts to a single one.
 * @param paper layers
 * @param single R, speed in stops and s of the single exposure
 * @param soft R and speed of the softer setting
 * @param hard R and speed of the harder setting
 * @returns s at each; undefined when the single contrast does not lie between the two
 * @source the layer model, two sums of light solved for two times
 * @example
 * splitPair(defaultPaper, { range: 110, speedStops: 0, seconds: 10 }, { range: 110, speedStops: 0 }, { range: 52, speedStops: -1 }) // = {"softSeconds":10,"hardSeconds":0}
 */
export function splitPair(
  paper: Paper,
  single: MixExposure,
  soft: MixSetting,
  hard: MixSetting,
): SplitPair | undefined {
  const wanted = lightOf(paper, single);
  const a = lightOf(paper, soft);
  const b = lightOf(paper, hard);
  const determinant = a.blue * b.green - b.blue * a.green;
  const softSeconds =
    (single.seconds * (wanted.blue * b.green - b.blue * wanted.green)) / determinant;
  const hardSeconds =
    (single.seconds * (a.blue * wanted.green - wanted.blue * a.green)) / determinant;
  const slack = single.seconds * 1e-6;
  if (!(softSeconds >= -slack && hardSeconds >= -slack)) return undefined;
  // Binary dust is no exposure.
  const round = (seconds: number) => (seconds <= slack ? 0 : Number(seconds.toPrecision(9)));
  return sound({ softSeconds: round(softSeconds), hardSeconds: round(hardSeconds) });
}

/**
 * How much of the light a place of the negative lets through, told by the tone that an exposure gave it.
 * @param paper layers
 * @param light of the whole exposure, from `lightOf` times its seconds
 * @param netDensity the place's tone, density above Dmin
 * @returns a share of the light, in units of the paper's own
 * @throws Refusal `density` when the paper cannot show that tone
 * @source the layer model, inverted
 * @example
 * shareOfPlace(defaultPaper, lightOf(defaultPaper, { range: 110, speedStops: 0 }), 0.6) // ≈ 1
 */
export function shareOfPlace(
  paper: Paper,
  { blue, green }: BlueAndGreen,
  netDensity: number,
): number {
  const total = blue + green;
  return sound(10 ** logOfTone(curveFor(paper, blue / total), netDensity) / total);
}

/**
 * How long the first of two exposures may be, when the other is given on top, so that a place keeps its tone.
 * @param paper layers
 * @param first R, speed and s at which the place was right alone
 * @param over R, speed and s of the exposure given on top
 * @param netDensity the place's tone, density above Dmin
 * @returns s of the first exposure; 0 when the other alone is too much already
 * @throws Refusal `density` when the paper cannot show that tone
 * @source the layer model: the place's light by blue and green together
 * @example
 * shortenedFirst(defaultPaper, { range: 150, speedStops: 0, seconds: 10 }, { range: 52, speedStops: -1, seconds: 12 }, 0.1) // ≈ 7.301
 */
export function shortenedFirst(
  paper: Paper,
  first: MixExposure,
  over: MixExposure,
  netDensity: number,
): number {
  sound([first, over, netDensity]);
  const [a, b] = [lightOf(paper, first), lightOf(paper, over)];
  const under = { blue: b.blue * over.seconds, green: b.green * over.seconds };
  const share = shareOfPlace(paper, scaled(a, first.seconds), netDensity);
  const tooDark = (seconds: number) => {
    const blue = a.blue * seconds + under.blue;
    const total = blue + a.green * seconds + under.green;
    return (
      densityAt(curveFor(paper, blue / total), Math.log10(share * total)) - paper.dMin - netDensity
    );
  };
  if (over.seconds > 0 && tooDark(0) >= 0) return 0;
  return soundTime(
    findRoot(tooDark, first.seconds * LEAST_SHARE, first.seconds, first.seconds * 1e-9),
  );
}

/** No light at all has no logarithm. */
const LEAST_SHARE = 1e-12;

const scaled = ({ blue, green }: BlueAndGreen, by: number): BlueAndGreen => ({
  blue: blue * by,
  green: green * by,
});
