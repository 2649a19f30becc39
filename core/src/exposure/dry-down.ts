import { EYE_STOPS } from './print-belief.ts';

/** Before any print was judged dry: papers differ by about this, one standard deviation, stops. */
const PAPERS_DIFFER = 0.1;
/** 95 of 100 lie within so many standard deviations. */
const NINETY_FIVE = 1.96;

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
 * @returns the paper's own amount in stops, drawn towards none while few were judged
 * @source mean of Gaussians: a verdict errs as an eye does, papers differ by a tenth of a stop
 * @example
 * learnDryDown([0.1, 0.15, 0.1]).stops // ≈ 0.095
 */
export function learnDryDown(verdicts: readonly number[]): DryDown {
  const weight = 1 / PAPERS_DIFFER ** 2;
  const each = 1 / EYE_STOPS ** 2;
  const total = weight + each * verdicts.length;
  const sum = verdicts.reduce((before, verdict) => before + verdict, 0);
  return { stops: (each * sum) / total, withinStops: NINETY_FIVE / Math.sqrt(total) };
}
