import { NINETY_FIVE } from '../numeric/gaussian.ts';
import { sound } from '../quantity/sound.ts';
import type { PaperBase } from '../process/plan.ts';
import { EYE_STOPS } from './ways-of-looking.ts';

/** What is believed before any print was judged dry: the amount and its standard deviation, stops. */
const priors: Record<PaperBase | 'unknown', { readonly stops: number; readonly sd: number }> = {
  fibre: { stops: 0.12, sd: 0.05 },
  'resin-coated': { stops: 0.02, sd: 0.03 },
  unknown: { stops: 0, sd: 0.1 },
};

/** Dried prints of the test stand 2 per cent apart, and the match is judged by eye: standard deviation, stops. */
const TEST_STOPS = 0.03;

/** By how much dry prints on a paper are darker than they were picked wet. */
export interface DryDown {
  /** Positive: darker when dry, stops. */
  readonly stops: number;
  /** 95 times in 100 it is within this, stops. */
  readonly withinStops: number;
}

/**
 * How wet picks differ from dry verdicts, from prints that were judged again when they were dry.
 * @param verdicts how much darker (positive) or lighter each looked than wanted, stops
 * @param base of the paper, where it is known: fibre dries down more than resin-coated
 * @param testedStops what its test gave, where one was made: a wet print beside dried ones with 2, 4 … 12 per cent less light
 * @returns the paper's own amount in stops, drawn towards its test, or what is usual for its base, while few were judged
 * @source mean of Gaussians, (μ₀/σ₀² + Σv/σ²)/(1/σ₀² + n/σ²): a verdict errs as an eye does, 1/12 stop
 * @example
 * learnDryDown([0.2, 0.1, 0.22], "fibre").stops // ≈ 0.1477
 */
export function learnDryDown(
  verdicts: readonly number[],
  base?: PaperBase,
  testedStops?: number,
): DryDown {
  const prior =
    testedStops === undefined ? priors[base ?? 'unknown'] : { stops: testedStops, sd: TEST_STOPS };
  const weight = 1 / prior.sd ** 2;
  const each = 1 / EYE_STOPS ** 2;
  const total = weight + each * verdicts.length;
  const sum = verdicts.reduce((before, verdict) => before + verdict, 0);
  return sound({
    stops: (weight * prior.stops + each * sum) / total,
    withinStops: NINETY_FIVE / Math.sqrt(total),
  });
}
