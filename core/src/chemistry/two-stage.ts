import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';
import { LEAST_DIVISIONS } from './measure.ts';

/** A dose so small that it is measured in two stages. */
export interface TwoStage {
  /** First 1+(k−1): concentrate and water, ml. */
  readonly concentrateMl: number;
  readonly firstWaterMl: number;
  /** Then so much of that, and water to the total, ml. */
  readonly takenMl: number;
  readonly secondWaterMl: number;
  /** What the dose is, ml. */
  readonly doseMl: number;
  /** Errors as shares of the dose: read directly; in two stages at the worst, and as a rule. */
  readonly directError: number;
  readonly worstError: number;
  readonly usualError: number;
  /** Concentrate that is thrown away with the rest of the first stage, ml. */
  readonly wastedMl: number;
}

/**
 * A dilution in two stages, where the dose alone cannot be read.
 * @param volumeMl wanted, ml
 * @param waterParts to one part of concentrate
 * @param firstParts the first stage is 1+(firstParts − 1)
 * @param divisionMl of the graduate, ml
 * @returns what to pour, in ml, with the errors of both measures, and what is thrown away
 * @throws Refusal `volume` unless volume and division are more than zero, `two-stage` unless the first stage dilutes, and less than the whole
 * @source 1+(k−1) first, then v·k of it; errors add: worst (1 + e₁)(1 + e₂) − 1, usual √(e₁² + e₂²)
 * @example
 * twoStage(500, 249, 10, 1).wastedMl // = 18
 */
export function twoStage(
  volumeMl: number,
  waterParts: number,
  firstParts: number,
  divisionMl: number,
): TwoStage {
  if (!(volumeMl > 0 && divisionMl > 0)) {
    throw new Refusal(
      'volume',
      '/volumeMl',
      'A volume, and a division of its vessel, is more than 0 ml.',
    );
  }
  if (!(firstParts > 1 && firstParts < 1 + waterParts)) {
    throw new Refusal(
      'two-stage',
      '/firstParts',
      'The first stage is weaker than the concentrate, and stronger than what is wanted.',
    );
  }
  const doseMl = volumeMl / (1 + waterParts);
  const takenMl = doseMl * firstParts;
  // Enough of the concentrate to be read well; no less than the second stage takes.
  const concentrateMl = Math.max(doseMl, 2 * LEAST_DIVISIONS * divisionMl);
  const first = divisionMl / 2 / concentrateMl;
  const second = divisionMl / 2 / takenMl;
  return sound({
    concentrateMl,
    firstWaterMl: concentrateMl * (firstParts - 1),
    takenMl,
    secondWaterMl: volumeMl - takenMl,
    doseMl,
    directError: divisionMl / 2 / doseMl,
    worstError: (1 + first) * (1 + second) - 1,
    usualError: Math.hypot(first, second),
    wastedMl: concentrateMl - doseMl,
  });
}
