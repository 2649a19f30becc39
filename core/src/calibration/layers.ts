import { findRoot } from '../numeric/find-root.ts';
import { curveFor } from '../paper/curve.ts';
import { defaultPaper, type Paper } from '../paper/paper.ts';
import { DEEPEST_SHARE, FIRST_TONE, isoRange, rangeLimits } from '../paper/range.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** Layers further apart than this leave terraces in the curve, log10 for all of them. */
const MOST_SPAN = 3;

/**
 * A paper of evenly spread layers.
 * @param ends density of white and black
 * @param slope steepness of one layer, per log10 exposure
 * @param span from the layer most sensitive to green to the least, log10
 * @returns the paper, with as many layers as the usual one
 * @throws Refusal `layers` for a slope or a span that no paper has, or a black below the white
 * @source layer model with even offsets
 * @example
 * spreadLayers({ dMin: 0.06, dMax: 2.15 }, 5.4, 1.65).layerOffsets[1] // ≈ 0.275
 */
export function spreadLayers(
  { dMin, dMax }: Pick<Paper, 'dMin' | 'dMax'>,
  slope: number,
  span: number,
): Paper {
  if (!(slope > 0.5 && slope < 30 && span >= 0 && span <= MOST_SPAN && dMax > dMin)) {
    throw new Refusal('layers', '/span', 'No paper is so hard, so soft, or so unlike itself.');
  }
  const last = defaultPaper.layerOffsets.length - 1;
  const layerOffsets = defaultPaper.layerOffsets.map((_, index) => (span * index) / last);
  return sound({ dMin, dMax, slope, layerOffsets });
}

/**
 * A paper's layers from its hardest and its softest setting: blue light alone gives the one, green alone the other.
 * @param ends density of white and black
 * @param hardest R of the hardest setting
 * @param softest R of the softest, no less than that
 * @returns the paper
 * @throws Refusal `layers` unless the two are ranges that seven layers can have between them
 * @source one layer: n = 100·(log10 9 + log10((net − 0.04)/0.04))/R; then the span by a root
 * @example
 * layersBetween({ dMin: 0.05, dMax: 2.05 }, 56, 168).slope // ≈ 4.722
 */
export function layersBetween(
  ends: Pick<Paper, 'dMin' | 'dMax'>,
  hardest: number,
  softest: number,
): Paper {
  const net = ends.dMax - ends.dMin;
  if (!(hardest >= 20 && softest >= hardest && net > 0.5)) {
    throw new Refusal(
      'layers',
      '/softest',
      'Give the range of the hardest setting and of the softest, the harder one first.',
    );
  }
  const slope =
    (100 *
      (Math.log10(DEEPEST_SHARE / (1 - DEEPEST_SHARE)) +
        Math.log10((net - FIRST_TONE) / FIRST_TONE))) /
    hardest;
  const rangeAt = (span: number) => isoRange(curveFor(spreadLayers(ends, slope, span), 0));
  if (rangeAt(MOST_SPAN) < softest) {
    throw new Refusal(
      'layers',
      '/softest',
      `From R ${Math.round(hardest)} to R ${Math.round(softest)} is further than one paper goes.`,
    );
  }
  return spreadLayers(
    ends,
    slope,
    findRoot((span) => rangeAt(span) - softest, 0, MOST_SPAN, 1e-9),
  );
}

/**
 * Layers that reach every range that was measured: the paper's own ones, or the usual, where they do, otherwise such as go just so far.
 * @param ends density of white and black, and the paper's layers where they are known
 * @param ranges R of the settings, one at least
 * @returns the paper; none of the ranges lies beyond what it can be mixed to
 * @throws Refusal `layers` as `layersBetween`
 * @source layer model, widened to the measured settings
 * @example
 * layersFor({ dMin: 0.06, dMax: 2.15 }, [60, 120]).slope // = 5.4
 */
export function layersFor(
  ends: Pick<Paper, 'dMin' | 'dMax'> & Partial<Paper>,
  ranges: readonly number[],
): Paper {
  const { dMin, dMax, slope, layerOffsets } = { ...defaultPaper, ...ends };
  const usual: Paper = { dMin, dMax, slope, layerOffsets };
  const limits = rangeLimits(usual);
  const hardest = Math.min(limits.hardest, ...ranges);
  const softest = Math.max(limits.softest, ...ranges);
  const reaches = hardest === limits.hardest && softest === limits.softest;
  return reaches ? usual : layersBetween(ends, hardest, softest);
}
