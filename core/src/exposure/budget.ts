import { NINETY_FIVE, spreadOf, type Gaussian, type Weights } from '../numeric/gaussian.ts';
import { lookedAtWith } from '../paper/contrast-sets/set.ts';
import { mainCase, settingOutlook, type PrintBelief } from './print-belief.ts';
import { LAG, SHAPE, indexOfSetting, needAt, rangeAt, speedAt, type Place } from './print-prior.ts';

/** What may be behind how far a print's time may be out. */
export type BudgetSource = 'eye' | 'lag' | 'settings' | 'paper' | 'timer';

/** A part of that. */
export interface BudgetPart {
  readonly source: BudgetSource;
  /** Its share, stops: the squares of all add up to that of the whole. */
  readonly stops: number;
}

/** What is left of a belief's spread once some of its numbers are known exactly: conditioned on one after the other. */
function leftOf(
  { mean, covariance }: Gaussian,
  weights: Weights,
  known: readonly number[],
): number {
  let left = covariance;
  for (const index of known) {
    const variance = left[index]![index]!;
    if (!(variance > 0)) continue;
    const toward = left.map((row) => row[index]!);
    left = left.map((row, i) =>
      row.map((value, j) =>
        i === index || j === index ? 0 : value - (toward[i]! * toward[j]!) / variance,
      ),
    );
  }
  return Math.max(0, spreadOf({ mean, covariance: left }, weights).variance);
}

/**
 * What the ± of a print's time is made of, largest first: by how much less it would be if the lag, the settings or the paper's toe
 * were known, what the timer's step does, and the looks, which are the rest.
 */
export const budgetOf = (
  belief: PrintBelief,
  settingId: string,
  place: Place,
  dialSeconds: number,
  withinStops: number,
): BudgetPart[] => {
  const { prior } = belief;
  const { weights } = needAt(prior, indexOfSetting(prior, settingId), place);
  const state = mainCase(belief);
  const light = Math.max(dialSeconds - state.mean[LAG]!, dialSeconds / 50);
  weights.set(LAG, 1 / (light * Math.LN2));
  const settings = lookedAtWith(prior.set).flatMap((_, index) => [speedAt(index), rangeAt(index)]);
  const groups = [
    { source: 'lag', known: [LAG] },
    { source: 'settings', known: settings },
    { source: 'paper', known: [SHAPE] },
  ] as const;
  const whole = leftOf(state, weights, []);
  const parts = groups.map(({ source, known }) => ({
    source,
    variance: whole - leftOf(state, weights, known),
  }));
  const rest = leftOf(
    state,
    weights,
    groups.flatMap(({ known }) => known),
  );
  const exact = settingOutlook(belief, settingId, place).dialSeconds;
  const all = [
    ...[...parts, { source: 'eye' as const, variance: rest }].map(({ source, variance }) => ({
      source,
      stops: NINETY_FIVE * Math.sqrt(Math.max(0, variance)),
    })),
    { source: 'timer' as const, stops: Math.abs(Math.log2(dialSeconds / exact)) },
  ];
  // What two of them share is in both, and looks that may be slips or a worse eye's are wider than a Gaussian: shares of the whole.
  const share = withinStops / Math.max(1e-9, Math.hypot(...all.map(({ stops }) => stops)));
  return all
    .map(({ source, stops }) => ({ source, stops: stops * share }))
    .toSorted((one, other) => other.stops - one.stops);
};
