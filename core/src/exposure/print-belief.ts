import { sound } from '../quantity/sound.ts';
import {
  spreadOf,
  withinOf,
  type Gaussian,
  type Spread,
  type Weighted,
} from '../numeric/gaussian.ts';
import { lookedAtWith, type ContrastSetting } from '../paper/contrast-sets/set.ts';
import { UNIFORM, beginState } from './begin-state.ts';
import {
  LAG,
  RANGE,
  indexOfSetting,
  lookAt,
  modelsOf,
  needAt,
  rangeAt,
  speedAt,
  type Place,
  type PrintPrior,
} from './print-prior.ts';
import { lookWithin, type WayOfLookingId } from './ways-of-looking.ts';

/** One way in which all that was seen may have come about: these looks were slips, the others were not. */
export interface Case {
  readonly state: Gaussian;
  readonly slips: readonly number[];
  /** The eye that looked errs by so many times the usual, and so many times beside a tone card. */
  readonly eye: number;
  readonly card: number;
  /** The readings of a probe were of another place, or of another lamp. */
  readonly misread?: boolean;
  /** The paper is of another box than that of the prints that taught. */
  readonly anotherBox?: boolean;
}

/** What is believed of a print: the negative, the lamp, the paper's shape, and every setting. */
export interface PrintBelief {
  readonly prior: PrintPrior;
  /** Usually one; more where looks may be slips. The weights add up to 1. */
  readonly cases: readonly Weighted<Case>[];
}

/** How a setting stands to what the negative asks for. */
export interface SettingMatch {
  readonly setting: ContrastSetting;
  /** By how many R the setting is softer (positive) or harder than the negative asks for. */
  readonly mismatch: number;
  readonly mismatchSd: number;
}

/** What a setting promises. */
export interface SettingOutlook extends SettingMatch {
  /** What to dial for one firing that makes the place right, s. */
  readonly dialSeconds: number;
  /** One standard deviation of that, stops. */
  readonly stopsSd: number;
}

/** Where nobody says otherwise there is one eye. */
const ONE_EYE = [{ times: 1, share: 1 }] as const;
/** Everybody who may be looking: how good the eye is says nothing of what it makes of a card. */
export const peopleOf = ({ eyes = ONE_EYE, cards = ONE_EYE }: PrintPrior) =>
  eyes.flatMap((eye) =>
    cards.map((card) => ({ eye: eye.times, card: card.times, share: eye.share * card.share })),
  );

/**
 * What is believed before the first strip.
 * @param prior paper, contrast set, tones, first guess in s, and how far each may be out
 * @returns the belief
 * @throws Refusal `guess` unless the guess is more than the lag; `density` when the paper cannot show a tone
 * @source independent Gaussians; a uniform error of ±w counts as one of w/√3
 * @example
 * settingOutlook(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2").dialSeconds // ≈ 10.0
 */
export function beginBelief(prior: PrintPrior): PrintBelief {
  sound(prior);
  const usual = beginState(prior);
  const seenBy = (state: Gaussian, weight: number) =>
    peopleOf(prior).map(({ eye, card, share }) => ({
      weight: weight * share,
      of: { state, slips: [], eye, card },
    }));
  if (prior.lagOddly === undefined) return { prior, cases: seenBy(usual, 1) };
  const { seconds, withinSeconds, share } = prior.lagOddly;
  const odd: Gaussian = {
    mean: usual.mean.map((value, i) => (i === LAG ? seconds : value)),
    covariance: usual.covariance.map((row, i) =>
      i === LAG ? row.map((_, j) => (j === LAG ? (withinSeconds * UNIFORM) ** 2 : 0)) : row,
    ),
  };
  return { prior, cases: [...seenBy(usual, 1 - share), ...seenBy(odd, share)] };
}

/** What every case of a belief says of one number. */
const spreads = (
  { cases }: PrintBelief,
  of: (state: Gaussian) => Spread,
): readonly Weighted<Spread>[] =>
  cases.map(({ weight, of: { state } }) => ({ weight, of: of(state) }));

/**
 * The most probable case: what is answered. Slips make no answer a mean of two truths; they only make it less sure.
 */
export const mainCase = ({ cases }: PrintBelief): Gaussian =>
  cases.reduce((best, one) => (one.weight > best.weight ? one : best)).of.state;

/** By how many times the usual a look is expected to err. */
export const timesOf = ({ cases }: PrintBelief, way: WayOfLookingId): number =>
  cases.reduce((sum, { weight, of }) => sum + weight * of[way], 0);

/** What a look at a place of the next strip is expected to err by, one standard deviation, stops. */
export const nextLook = (belief: PrintBelief, settingId: string, place: Place): number => {
  const { prior } = belief;
  const { lookedAt = 'eye' } = prior;
  const usual = lookAt(prior, indexOfSetting(prior, settingId), place, lookedAt);
  return usual * timesOf(belief, lookedAt);
};

/** The same of a highlight, whatever it is printed at. */
export const nextHighlightLook = (belief: PrintBelief): number => {
  const { lookedAt = 'eye' } = belief.prior;
  return lookWithin(lookedAt) * timesOf(belief, lookedAt);
};

/** The lag that is believed in, s. */
export const lagOf = (belief: PrintBelief): Spread =>
  spreadOf(mainCase(belief), new Map([[LAG, 1]]));

/** log2 of what one firing of so many seconds gives too little or too much of, as it may be. */
function missedBy(prior: PrintPrior, settingId: string, place: Place, dialSeconds: number) {
  const { weights, offset } = needAt(prior, indexOfSetting(prior, settingId), place);
  return (state: Gaussian): Spread => {
    const lag = state.mean[LAG]!;
    const light = Math.max(dialSeconds - lag, dialSeconds / 50);
    // A lag that is not known makes the light of what is dialled uncertain too.
    weights.set(LAG, 1 / (light * Math.LN2));
    const { mean, variance } = spreadOf(state, weights);
    return { mean: mean + offset - lag / (light * Math.LN2) - Math.log2(light), variance };
  };
}

/** By how many R a setting is softer than the negative asks for, as it may be. */
function mismatchAt(prior: PrintPrior, index: number) {
  const own = modelsOf(prior)[index]!.toneRange;
  const weights = new Map([
    [rangeAt(index), 1],
    [RANGE, -1],
  ]);
  return (state: Gaussian): Spread => {
    const { mean, variance } = spreadOf(state, weights);
    return { mean: mean + own, variance };
  };
}

/**
 * What a setting promises, by all that is believed.
 * @param belief of the print
 * @param settingId such as "2.5"
 * @param place that is to be right there
 * @returns what to dial in s with its spread in stops, and by how many R the setting is too soft or too hard
 * @throws Refusal `setting` for an unknown setting
 * @source the belief's own moments
 * @example
 * settingOutlook(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2").mismatch // ≈ 0
 */
export function settingOutlook(
  belief: PrintBelief,
  settingId: string,
  place: Place = 'highlight',
): SettingOutlook {
  const index = indexOfSetting(belief.prior, settingId);
  const dialSeconds = 2 ** expectedLight(belief, settingId, place).mean + lagOf(belief).mean;
  const missed = missedBy(belief.prior, settingId, place, dialSeconds)(mainCase(belief));
  return sound({ ...matchOf(belief, index), dialSeconds, stopsSd: Math.sqrt(missed.variance) });
}

function matchOf(belief: PrintBelief, index: number): SettingMatch {
  const { mean, variance } = mismatchAt(belief.prior, index)(mainCase(belief));
  const setting = lookedAtWith(belief.prior.set)[index]!;
  return { setting, mismatch: mean, mismatchSd: Math.sqrt(variance) };
}

/** How every setting of the set stands to what the negative asks for. */
export const settingMatches = (belief: PrintBelief): SettingMatch[] =>
  belief.prior.set.settings.map((_, index) => matchOf(belief, index));

/** What is said is held so often. */
const SAID = 0.95;

/**
 * How far a print may be out: 95 times in 100 it is within this.
 * @param belief of the print
 * @param settingId of the print
 * @param place that is to be right
 * @param dialSeconds one firing, as the timer can dial it, s
 * @returns stops at that place, and R between the two
 * @throws Refusal `setting` for an unknown setting
 * @source the distribution of the error, with what the timer and the setting themselves are out by
 * @example
 * Math.round(printWithin(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2", "highlight", 10).range) // = 83
 */
export function printWithin(
  belief: PrintBelief,
  settingId: string,
  place: Place,
  dialSeconds: number,
): { readonly stops: number; readonly range: number } {
  const { prior } = belief;
  const missed = spreads(belief, missedBy(prior, settingId, place, dialSeconds));
  const apart = spreads(belief, mismatchAt(prior, indexOfSetting(prior, settingId)));
  return { stops: withinOf(missed, 0, SAID), range: withinOf(apart, 0, SAID) };
}

/**
 * Where on a strip a place is expected to be right.
 * @param belief of the print
 * @param settingId of the strip
 * @param place highlight or shadow
 * @returns mean and variance of log2 of the light in s
 * @throws Refusal `setting` for an unknown setting
 * @source the belief's own moments
 * @example
 * expectedLight(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 8, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2", "highlight").mean // ≈ 3.0
 */
export function expectedLight(belief: PrintBelief, settingId: string, place: Place): Spread {
  const { weights, offset } = needAt(belief.prior, indexOfSetting(belief.prior, settingId), place);
  const { mean, variance } = spreadOf(mainCase(belief), weights);
  return sound({ mean: mean + offset, variance });
}

/** Some cases as one Gaussian: their moments, by how probable they are beside one another. */
export const collapsed = (some: PrintBelief['cases']): Gaussian => {
  if (some.length === 1) return some[0]!.of.state;
  const { length } = some[0]!.of.state.mean;
  const total = some.reduce((sum, { weight }) => sum + weight, 0);
  const cases = some.map(({ weight, of }) => ({ weight: weight / total, of }));
  const mean = Array.from({ length }, (_, i) =>
    cases.reduce((sum, { weight, of }) => sum + weight * of.state.mean[i]!, 0),
  );
  const covariance = Array.from({ length }, (_, i) =>
    Array.from({ length }, (__, j) =>
      cases.reduce((sum, { weight, of: { state } }) => {
        const apart = (state.mean[i]! - mean[i]!) * (state.mean[j]! - mean[j]!);
        return sum + weight * (state.covariance[i]![j]! + apart);
      }, 0),
    ),
  );
  return { mean, covariance };
};

/**
 * How probable it is that whoever looks errs by so many times the usual.
 * @param belief after looks
 * @param times of the usual error, one of those in the prior
 * @param way by eye, or beside a tone card
 * @returns 0 to 1
 * @source sum over the cases
 * @example
 * weightOfEye(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08, eyes: [{ times: 1, share: 0.8 }, { times: 2, share: 0.2 }] }), 2) // ≈ 0.2
 */
export function weightOfEye(
  { cases }: PrintBelief,
  times: number,
  way: WayOfLookingId = 'eye',
): number {
  return sound(cases.reduce((sum, { weight, of }) => sum + (of[way] === times ? weight : 0), 0));
}

/**
 * How well the settings are known, whatever the negative: the part of the belief that prints teach.
 * @param belief of a print
 * @returns one standard deviation of a change from one setting to the next, stops, and of a setting's range, R
 * @source means over neighbouring settings
 * @example
 * settingsKnown(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 })).stopsSd // ≈ 0.2
 */
export function settingsKnown(belief: PrintBelief): { stopsSd: number; rangeSd: number } {
  const { length } = belief.prior.set.settings;
  const state = mainCase(belief);
  const mean = (of: (index: number) => number) => {
    let sum = 0;
    for (let index = 0; index + 1 < length; index += 1) {
      const change = new Map([
        [of(index), 1],
        [of(index + 1), -1],
      ]);
      sum += spreadOf(state, change).variance;
    }
    return Math.sqrt(sum / Math.max(1, length - 1));
  };
  return sound({ stopsSd: mean(speedAt), rangeSd: mean(rangeAt) });
}
