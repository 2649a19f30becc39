import type { Gaussian, Weighted } from '../numeric/gaussian.ts';
import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { PROBE_SD, beginState } from './begin-state.ts';
import { collapsed, peopleOf, type Case, type PrintBelief } from './print-belief.ts';
import { LAG, NEED, PROBE, RANGE, type AnotherBox, type PrintPrior } from './print-prior.ts';

/** So much of what was learned of an eye is not sure of the next print's: another person, another evening. */
const EYE_CHANGES = 0.05;
/** More probable than this a box is taken for another one, and said to be. */
export const BOX_NOTICED = 0.5;

const ofNegative = (index: number) => index === NEED || index === RANGE;

/** What was learned, with a negative that nobody has seen. */
const withNegative = (learned: Gaussian, begun: Gaussian): Gaussian => ({
  mean: learned.mean.map((value, i) => (ofNegative(i) ? begun.mean[i]! : value)),
  covariance: learned.covariance.map((row, i) =>
    row.map((value, j) => (ofNegative(i) || ofNegative(j) ? begun.covariance[i]![j]! : value)),
  ),
});

/** The same with another box: lamp and probe are as they were, the paper may be anything that its make is. */
const withBox = (learned: Gaussian, prior: PrintPrior, box: AnotherBox): Gaussian => {
  const begun = beginState({ ...prior, ...box });
  const kept = (index: number) => index === LAG || index === PROBE;
  // A faster box makes the same reading a shorter time.
  const more = (index: number) => (index === PROBE ? box.ownSpeedStops ** 2 : 0);
  return {
    mean: begun.mean.map((value, i) => (kept(i) ? learned.mean[i]! : value)),
    covariance: begun.covariance.map((row, i) =>
      row.map((value, j) => {
        if (i === j) return kept(i) ? learned.covariance[i]![i]! + more(i) : value;
        return kept(i) && kept(j) ? learned.covariance[i]![j]! : value;
      }),
    ),
  };
};

/**
 * The belief about another negative in the same set-up: what was learned of lamp, paper, probe and settings stays, what was
 * believed of the last negative goes; beside it, where the prior says so, what would be believed of another box.
 * @param belief after the last print
 * @param prior of the next one: its guess (s) and its tones; paper and contrast set as before
 * @returns the belief before the first strip of the next one
 * @throws Refusal `guess` unless the guess is more than the lag, `setting` when it has another contrast set
 * @source marginal of the Gaussian, joined with a new prior for the negative; change points of a sequence, one at a time
 * @example
 * Math.round(settingOutlook(nextNegative(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), { paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 20, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 }), "2").dialSeconds) // = 20
 */
export function nextNegative(belief: PrintBelief, prior: PrintPrior): PrintBelief {
  sound(prior);
  if (belief.prior.set.id !== prior.set.id) {
    throw new Refusal('setting', '/set', 'What was learned is about another set of contrasts.');
  }
  const begun = beginState(prior);
  const share = (is: (of: Case) => boolean) =>
    belief.cases.reduce((sum, { weight, of }) => sum + (is(of) ? weight : 0), 0);
  // Readings were right or they were not: a constant half believed would be known to nobody.
  const misread = share((of) => of.misread ?? false) > 0.5;
  const trusted = belief.cases.filter(({ of }) => (of.misread ?? false) === misread);
  // Another box is noticed once; until then both are followed, so that what several prints hint at adds up.
  const doubt = share((of) => of.anotherBox ?? false);
  const taken = doubt > BOX_NOTICED;
  const of = (another: boolean) =>
    trusted.filter((one) => (one.of.anotherBox ?? false) === another);
  const same = of(taken);
  const other = taken ? [] : of(true);
  const known = same.length > 0 ? same : trusted;
  const suspected = other.length > 0 ? doubt : 0;
  const box = prior.anotherBox;
  const cases = peopleOf(prior).flatMap(({ eye, card, share: usual }): Weighted<Case>[] => {
    const is = (one: Case) => one.eye === eye && one.card === card;
    const seen = share(is);
    const weight = EYE_CHANGES * usual + (1 - EYE_CHANGES) * seen;
    // What a worse eye saw says less of the settings, so each has learned on its own.
    const learnedFrom = (some: PrintBelief['cases']) => {
      const own = seen > 0 ? some.filter((one) => is(one.of)) : [];
      return collapsed(own.length > 0 ? own : some);
    };
    const person = { slips: [], eye, card };
    const learned = learnedFrom(known);
    const unchanged = { state: withNegative(learned, begun), ...person };
    if (!box) return [{ weight, of: unchanged }];
    const sure = weight * (1 - suspected);
    const changed = { state: withBox(learned, prior, box), ...person, anotherBox: true };
    return [
      { weight: sure * (1 - box.share), of: unchanged },
      { weight: sure * box.share, of: changed },
      ...(suspected > 0
        ? [
            {
              weight: weight * suspected,
              of: {
                ...person,
                state: withNegative(learnedFrom(other), begun),
                anotherBox: true,
              },
            },
          ]
        : []),
    ];
  });
  return { prior, cases };
}

/**
 * The belief where readings come on another scale: what was learned of the constant goes.
 * @param belief of a print
 * @returns the belief that has all but the constant
 * @source marginal of the Gaussian, joined with a new prior for the constant
 * @example
 * weightOfEye(onAnotherScale(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 })), 1) // = 1
 */
export function onAnotherScale({ prior, cases }: PrintBelief): PrintBelief {
  const anew = ({ mean, covariance }: Gaussian): Gaussian => ({
    mean: mean.map((value, i) => (i === PROBE ? 0 : value)),
    covariance: covariance.map((row, i) =>
      row.map((value, j) => (i === PROBE || j === PROBE ? (i === j ? PROBE_SD ** 2 : 0) : value)),
    ),
  });
  return {
    prior,
    cases: cases.map(({ weight, of }) => ({ weight, of: { ...of, state: anew(of.state) } })),
  };
}

/**
 * How probable it is that the paper is of another box than that of the prints that taught, and differs by more than its speed.
 * @param belief after looks, begun by `nextNegative`
 * @returns 0 to 1
 * @source sum over the cases
 * @example
 * anotherBoxOf(beginBelief({ paper: defaultPaper, set: contrastSet("filters"), highlightDensity: 0.1, shadowDensity: 1.72, guessSeconds: 10, guessWithinStops: 3, lagSeconds: 0, lagWithinSeconds: 0, speedWithinStops: 0.25, rangeWithinShare: 0.08 })) // = 0
 */
export const anotherBoxOf = ({ cases }: PrintBelief): number =>
  sound(cases.reduce((sum, { weight, of }) => sum + (of.anotherBox ? weight : 0), 0));
