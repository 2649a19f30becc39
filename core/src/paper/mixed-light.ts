import { STOP_IN_LOG } from '../quantity/stops.ts';
import { curveFor, logExposureAt, type PaperCurve } from './curve.ts';
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

/** Blue and green light of a second at a setting, in units of the paper's own. */
function lightOf(paper: Paper, { range, speedStops }: MixSetting): { blue: number; green: number } {
  const share = blueShareFor(paper, range);
  const atSpeedPoint = logExposureAt(curveFor(paper, share), paper.dMin + SPEED_DENSITY);
  // Settings of equal speed reach the speed point in the same time; a slower one in longer.
  const light = 10 ** (atSpeedPoint + speedStops * STOP_IN_LOG);
  return { blue: light * share, green: light * (1 - share) };
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
 * @throws RangeError when nothing was exposed
 * @source the layer model: blue and green add, and one share of blue is one contrast
 * @example
 * mixOf(defaultPaper, [{ range: 110, speedStops: 0, seconds: 4 }, { range: 110, speedStops: 0, seconds: 6 }]).seconds // ≈ 10.0
 */
export function mixOf(paper: Paper, exposures: readonly MixExposure[]): MixAnswer {
  let blue = 0;
  let green = 0;
  for (const exposure of exposures) {
    const light = lightOf(paper, exposure);
    blue += light.blue * exposure.seconds;
    green += light.green * exposure.seconds;
  }
  const total = blue + green;
  if (!(total > 0)) throw new RangeError('Nothing was exposed.');
  const curve = curveFor(paper, blue / total);
  const speedPoint = 10 ** logExposureAt(curve, paper.dMin + SPEED_DENSITY);
  return { range: isoRange(curve), seconds: total / speedPoint, curve };
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
  return { softSeconds: round(softSeconds), hardSeconds: round(hardSeconds) };
}

/**
 * How long the soft exposure may be, when a hard one is given on top, so that the highlight keeps its tone.
 * @param paper layers
 * @param soft R, speed and s at which the highlight was right alone
 * @param hard R, speed and s of the exposure given on top
 * @param highlightDensity the highlight's tone, density above Dmin
 * @returns s of the soft exposure; 0 when the hard one alone is too much already
 * @source the layer model: the highlight's light by blue and green together
 * @example
 * shortenedSoft(defaultPaper, { range: 150, speedStops: 0, seconds: 10 }, { range: 52, speedStops: -1, seconds: 0 }, 0.1) // ≈ 10.0
 */
export function shortenedSoft(
  paper: Paper,
  soft: MixExposure,
  hard: MixExposure,
  highlightDensity: number,
): number {
  /** log10 of the negative's light at the highlight: what makes the soft exposure right alone. */
  const negative = logOfPlace(paper, [soft], highlightDensity);
  let low = 0;
  let high = soft.seconds;
  for (let turn = 0; turn < 60; turn += 1) {
    const seconds = (low + high) / 2;
    const exposures = [{ ...soft, seconds }, hard];
    // The more is exposed, the less light of the negative is enough for the tone.
    if (logOfPlace(paper, exposures, highlightDensity) > negative) low = seconds;
    else high = seconds;
  }
  return high;
}

/** log10 of the light that a place has to let through to get a tone from these exposures. */
function logOfPlace(paper: Paper, exposures: readonly MixExposure[], netDensity: number): number {
  const { curve, seconds } = mixOf(paper, exposures);
  return (
    logExposureAt(curve, curve.dMin + netDensity) -
    logExposureAt(curve, curve.dMin + SPEED_DENSITY) -
    Math.log10(seconds)
  );
}
