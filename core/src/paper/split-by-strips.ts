import { findRoot } from '../numeric/find-root.ts';
import { Refusal } from '../refusal.ts';
import { toneRange } from './contrast.ts';
import { curveFor, logOfTone } from './curve.ts';
import { lightOf, mixOf, shareOfPlace, type MixAnswer, type MixExposure } from './mixed-light.ts';
import type { Paper } from './paper.ts';
import { LEAST_LOGIT, MOST_LOGIT, shareFromLogit } from './range.ts';

/** Which exposure is found first, alone; the other is stepped over it. */
export type SplitOrder = 'soft-first' | 'hard-first';

/** A soft and a hard exposure that were found by a strip each. */
export interface StripPair {
  /** What to give, so that both tones are as they were picked. */
  readonly soft: MixExposure;
  readonly hard: MixExposure;
  /** By how much the first one is shorter than it was picked alone, s. */
  readonly shortenedSeconds: number;
  /** By how much the other one is longer than it was picked over it, s. */
  readonly lengthenedSeconds: number;
  /** The single exposure that the pair amounts to. */
  readonly single: MixAnswer;
}

/**
 * The pair from two strips: one exposure found alone, the other stepped over it. The second one darkens what the first had
 * right, so the first is shortened; and since that takes light from the other tone too, the second is lengthened.
 * @param paper layers
 * @param order which was found first
 * @param soft R, speed and s as picked
 * @param hard R, speed and s as picked
 * @param tones density above paper white of the highlight and the shadow
 * @returns both exposures, and the single contrast they amount to
 * @throws Refusal `split-beyond` when no times of these two settings keep both tones, `density` for a tone that the paper has not
 * @source two equations of the layer model: each place keeps the tone at which it was picked
 * @example
 * pairFromStrips(defaultPaper, "soft-first", { range: 150, speedStops: 0, seconds: 10 }, { range: 52, speedStops: -1, seconds: 12 }, { highlight: 0.1, shadow: 1.72 }).soft.seconds // ≈ 6.944
 */
export function pairFromStrips(
  paper: Paper,
  order: SplitOrder,
  soft: MixExposure,
  hard: MixExposure,
  tones: { readonly highlight: number; readonly shadow: number },
): StripPair {
  const softFirst = order === 'soft-first';
  const [s, h] = [lightOf(paper, soft), lightOf(paper, hard)];
  const ofSoft = { blue: s.blue * soft.seconds, green: s.green * soft.seconds };
  const ofHard = { blue: h.blue * hard.seconds, green: h.green * hard.seconds };
  const both = { blue: ofSoft.blue + ofHard.blue, green: ofSoft.green + ofHard.green };
  const highlight = shareOfPlace(paper, softFirst ? ofSoft : both, tones.highlight);
  const shadow = shareOfPlace(paper, softFirst ? both : ofHard, tones.shadow);
  // The contrast at which one exposure makes both right, and the light that it takes.
  const wanted = 100 * Math.log10(shadow / highlight);
  const missing = (logit: number) =>
    toneRange(curveFor(paper, shareFromLogit(logit)), tones.highlight, tones.shadow) - wanted;
  if (!(missing(LEAST_LOGIT) >= 0 && missing(MOST_LOGIT) <= 0)) throw beyond();
  const share = shareFromLogit(findRoot(missing, LEAST_LOGIT, MOST_LOGIT, 1e-9));
  const total = 10 ** logOfTone(curveFor(paper, share), tones.highlight) / highlight;
  const [blue, green] = [total * share, total * (1 - share)];
  const determinant = s.blue * h.green - h.blue * s.green;
  const softSeconds = (blue * h.green - h.blue * green) / determinant;
  const hardSeconds = (s.blue * green - blue * s.green) / determinant;
  if (!(softSeconds >= 0 && hardSeconds >= 0 && softSeconds + hardSeconds < Infinity))
    throw beyond();
  const pair = {
    soft: { ...soft, seconds: softSeconds },
    hard: { ...hard, seconds: hardSeconds },
  };
  const [shortened, lengthened] = [soft.seconds - softSeconds, hardSeconds - hard.seconds];
  return {
    ...pair,
    shortenedSeconds: softFirst ? shortened : -lengthened,
    lengthenedSeconds: softFirst ? lengthened : -shortened,
    single: mixOf(paper, [pair.soft, pair.hard]),
  };
}

const beyond = () =>
  new Refusal(
    'split-beyond',
    '/hard',
    'No times of these two keep both tones: the one given on top is too much for the first one’s tone already. Take two that lie further apart.',
  );
