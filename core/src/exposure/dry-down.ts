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
    withinStops: (NINETY_FIVE * scatterOf(verdicts)) / Math.sqrt(total),
  });
}

/** A verdict is believed to err as an eye does as if that had been found from so many. */
const BELIEVED = 3;

/** By how many times more verdicts differ among themselves than an eye would have them: never less than it errs. */
function scatterOf(verdicts: readonly number[]): number {
  const { length } = verdicts;
  if (length < 2) return 1;
  const mean = verdicts.reduce((sum, verdict) => sum + verdict, 0) / length;
  const squares = verdicts.reduce((sum, verdict) => sum + ((verdict - mean) / EYE_STOPS) ** 2, 0);
  return Math.max(1, Math.sqrt((BELIEVED + squares) / (BELIEVED + length - 1)));
}

/** How far strips of any paper may look other under the lamp of a darkroom than dry in the day: standard deviation, stops. */
const LAMP_SD = 0.06;

/** Dry verdicts on one paper, and what is known of its drying. */
export interface DriedPaper {
  readonly verdicts: readonly number[];
  readonly base?: PaperBase | undefined;
  readonly testedStops?: number | undefined;
}

/**
 * What all papers come out darker by than their drying explains: what a lamp does that is too bright, or too red, and no strip can tell.
 * @param papers the dry verdicts on each paper, with its base or its test
 * @returns stops, positive where dry prints come out darker, drawn towards nothing while few were judged
 * @throws Refusal `number` unless every verdict is one
 * @source mean of Gaussians over papers: each paper's verdicts less its own drying, which is known only so well
 * @example
 * learnLampBias([{ verdicts: [0.2, 0.25, 0.2, 0.22], base: "fibre" }, { verdicts: [0.1, 0.12, 0.1], base: "resin-coated" }]).stops // ≈ 0.0606
 */
export function learnLampBias(papers: readonly DriedPaper[]): DryDown {
  sound(papers);
  let weight = 1 / LAMP_SD ** 2;
  let sum = 0;
  for (const { verdicts, base, testedStops } of papers) {
    if (verdicts.length === 0) continue;
    const own =
      testedStops === undefined
        ? priors[base ?? 'unknown']
        : { stops: testedStops, sd: TEST_STOPS };
    const mean = verdicts.reduce((all, verdict) => all + verdict, 0) / verdicts.length;
    const each = 1 / (own.sd ** 2 + EYE_STOPS ** 2 / verdicts.length);
    weight += each;
    sum += each * (mean - own.stops);
  }
  return sound({ stops: sum / weight, withinStops: NINETY_FIVE / Math.sqrt(weight) });
}
