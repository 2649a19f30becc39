import { findRoot } from '../numeric/find-root.ts';
import { Refusal } from '../refusal.ts';
import { curveFor, densityAt, logExposureAt, logOfTone } from './curve.ts';
import type { Paper } from './paper.ts';
import {
  DEEPEST_SHARE,
  FIRST_TONE,
  LEAST_LOGIT,
  MOST_LOGIT,
  blueShareFor,
  isoRange,
  shareFromLogit,
} from './range.ts';

/** Less than this above Dmin no eye tells from paper white: the threshold. */
export const THRESHOLD_DENSITY = 0.005;
const LOWEST = -6;

/** A plain exposure of the whole sheet, besides that of the negative. */
export interface Flash {
  /** Share of the threshold exposure: 0.7 to 1 lifts highlights and leaves white white; more is a veil. */
  readonly share: number;
  /** R of the light it is made with, as of the softest filter or white light. */
  readonly range: number;
}

/** The light of a flash: how much of it, and its share of blue. */
interface PlainLight {
  readonly plain: number;
  readonly flashShare: number;
}

function plainLight(paper: Paper, flash: Flash): PlainLight {
  const flashShare = blueShareFor(paper, flash.range);
  const threshold =
    10 ** logExposureAt(curveFor(paper, flashShare), paper.dMin + THRESHOLD_DENSITY);
  return { plain: threshold * flash.share, flashShare };
}

/** How far up the scale of shares an answer is looked for at a time. */
const FIRST_REACH = 2;
/** log10. */
const NEAR = 0.05;

/** A sheet that is exposed at one contrast and flashed: densities from the negative's light. */
function flashed(paper: Paper, share: number, { plain, flashShare }: PlainLight) {
  return (logH: number): number => {
    const light = 10 ** logH;
    const total = light + plain;
    const blue = (light * share + plain * flashShare) / total;
    return densityAt(curveFor(paper, blue), Math.log10(total));
  };
}

/**
 * Density by log10 of the negative's light on a sheet of this R that is flashed: for whoever needs many of them.
 */
export const densityUnderFlash = (paper: Paper, range: number, flash: Flash) =>
  flashed(paper, blueShareFor(paper, range), plainLight(paper, flash));

/** log10 of the negative's light that gives a density above Dmin, on a flashed sheet exposed with this share of blue. */
function lightFor(paper: Paper, share: number, flash: PlainLight, netDensity: number): number {
  const density = flashed(paper, share, flash);
  if (density(LOWEST) - paper.dMin > netDensity) {
    throw new Refusal(
      'veil',
      '/share',
      'That flash alone is darker than the tone asked for. Flash less.',
    );
  }
  // A flash only adds light: no more of the negative's is needed than without.
  const most = logOfTone(curveFor(paper, share), netDensity);
  const missing = (logH: number) => density(logH) - paper.dMin - netDensity;
  // Were both lights of one colour, the negative's would be what is left: the answer is near that.
  const left = Math.log10(Math.max(10 ** most - flash.plain, 10 ** LOWEST));
  const least = missing(left - NEAR) < 0 ? left - NEAR : LOWEST;
  const top = Math.min(most, left + NEAR);
  return findRoot(missing, least, missing(top) > 0 ? top : most, 1e-7);
}

/** The range that a share of blue has under a flash. */
function rangeAt(paper: Paper, share: number, flash: PlainLight): number {
  const deepest = DEEPEST_SHARE * (paper.dMax - paper.dMin);
  return 100 * (lightFor(paper, share, flash, deepest) - lightFor(paper, share, flash, FIRST_TONE));
}

/**
 * The range that a contrast becomes by a flash.
 * @param paper layers
 * @param range R without flash
 * @param flash share of the threshold, and R of its light
 * @returns R with flash, never less than without
 * @throws Refusal `veil` when the flash alone is darker than the first tone
 * @source the layer model, light of flash and negative added; ISO 6846 range
 * @example
 * flashedRange(defaultPaper, 110, { share: 0, range: 170 }) // ≈ 110.0
 */
export function flashedRange(paper: Paper, range: number, flash: Flash): number {
  return rangeAt(paper, blueShareFor(paper, range), plainLight(paper, flash));
}

/**
 * The contrast that has a wanted range although it is flashed.
 * @param paper layers
 * @param range R wanted, flash counted
 * @param flash share of the threshold, and R of its light
 * @returns R of the setting to expose at; undefined when no light of this paper is hard enough
 * @throws Refusal `veil` as `flashedRange`
 * @source `flashedRange`, inverted
 * @example
 * rangeUnderFlash(defaultPaper, 110, { share: 0, range: 170 }) // ≈ 110.0
 */
export function rangeUnderFlash(paper: Paper, range: number, flash: Flash): number | undefined {
  const plain = plainLight(paper, flash);
  const missing = (logit: number) => rangeAt(paper, shareFromLogit(logit), plain) - range;
  const unflashed = blueShareFor(paper, range);
  const softest = Math.max(LEAST_LOGIT, Math.log(unflashed / (1 - unflashed)));
  if (missing(MOST_LOGIT) > 0) return undefined;
  // A flash costs little contrast, so the answer lies near; far up the scale all is equally hard and a search is slow.
  let harder = softest + FIRST_REACH;
  while (harder < MOST_LOGIT && missing(harder) > 0) harder += FIRST_REACH;
  const logit = findRoot(missing, softest, Math.min(harder, MOST_LOGIT), 1e-5);
  return isoRange(curveFor(paper, shareFromLogit(logit)));
}

/**
 * What the main exposure is multiplied by, so that a highlight keeps its tone although the sheet is flashed.
 * @param paper layers
 * @param range R of the main exposure
 * @param flash share of the threshold, and R of its light
 * @param highlightDensity the highlight's tone, density above Dmin
 * @returns a factor, at most 1
 * @throws Refusal `veil` when the flash alone is darker than the highlight is meant to be
 * @source the layer model
 * @example
 * mainUnderFlash(defaultPaper, 110, { share: 0, range: 170 }, 0.1) // ≈ 1.0
 */
export function mainUnderFlash(
  paper: Paper,
  range: number,
  flash: Flash,
  highlightDensity: number,
): number {
  const share = blueShareFor(paper, range);
  const plain = plainLight(paper, flash);
  const without = lightFor(paper, share, { ...plain, plain: 0 }, highlightDensity);
  return 10 ** (lightFor(paper, share, plain, highlightDensity) - without);
}
