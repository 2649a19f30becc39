import { mixOf, shortenedSoft, type MixExposure, type MixAnswer } from './mixed-light.ts';
import type { Paper } from './paper.ts';

/** Which exposure is found first, alone; the other is stepped over it. */
export type SplitOrder = 'soft-first' | 'hard-first';

/** A soft and a hard exposure that were found by a strip each. */
export interface StripPair {
  /** What to give: the one that was found first is shortened by what the other adds to its tone. */
  readonly soft: MixExposure;
  readonly hard: MixExposure;
  /** By how much the first one is shortened, s. */
  readonly shortenedSeconds: number;
  /** The single exposure that the pair amounts to. */
  readonly single: MixAnswer;
}

/**
 * The pair from two strips: one exposure found alone, the other stepped over it.
 * @param paper layers
 * @param order which was found first
 * @param soft R, speed and s as picked
 * @param hard R, speed and s as picked
 * @param tones density above paper white of the highlight and the shadow
 * @returns both exposures with the first one shortened, and the single contrast they amount to
 * @source soft for the highlights, hard for the blacks; the later one adds a little to the earlier one's tone
 * @example
 * pairFromStrips(defaultPaper, "soft-first", { range: 150, speedStops: 0, seconds: 10 }, { range: 52, speedStops: -1, seconds: 12 }, { highlight: 0.1, shadow: 1.72 }).soft.seconds // ≈ 7.3
 */
export function pairFromStrips(
  paper: Paper,
  order: SplitOrder,
  soft: MixExposure,
  hard: MixExposure,
  tones: { readonly highlight: number; readonly shadow: number },
): StripPair {
  const softFirst = order === 'soft-first';
  const [first, over] = softFirst ? [soft, hard] : [hard, soft];
  const kept = shortenedSoft(paper, first, over, softFirst ? tones.highlight : tones.shadow);
  const shortened = { ...first, seconds: kept };
  const pair = softFirst ? { soft: shortened, hard } : { soft, hard: shortened };
  return {
    ...pair,
    shortenedSeconds: first.seconds - kept,
    single: mixOf(paper, [pair.soft, pair.hard]),
  };
}
