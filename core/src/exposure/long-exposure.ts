import { sound, soundTime } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** How a paper loses speed in long exposures. */
export interface LongExposureLoss {
  /** Up to here nothing is lost, s. */
  readonly fromSeconds: number;
  /** Lost at each doubling beyond, as a share of the light. */
  readonly lossPerDoubling: number;
}

/** What papers usually lose; a data sheet that says otherwise is right. */
export const usualLoss: LongExposureLoss = { fromSeconds: 45, lossPerDoubling: 0.1 };

function exponentOf({ fromSeconds, lossPerDoubling }: LongExposureLoss): number {
  if (!(fromSeconds > 0 && fromSeconds < Infinity)) {
    throw new Refusal(
      'long-exposure',
      '/fromSeconds',
      'The loss begins after more than zero seconds.',
    );
  }
  if (!(lossPerDoubling >= 0 && lossPerDoubling <= 0.4)) {
    throw new Refusal(
      'long-exposure',
      '/lossPerDoubling',
      'A paper loses from none to four tenths of the light at each doubling.',
    );
  }
  return 1 + Math.log2(1 - lossPerDoubling);
}

function checkSeconds(seconds: number): void {
  if (!(seconds > 0 && seconds < Infinity)) {
    throw new Refusal('long-exposure', '/seconds', 'An exposure is more than zero seconds.');
  }
}

/**
 * What a long exposure is worth to the paper.
 * @param seconds given
 * @param loss of the paper
 * @returns s of a short exposure that would do the same
 * @throws Refusal `long-exposure` unless the time is more than zero and the loss within reason
 * @source Schwarzschild: t0·(t/t0)^p, p = 1 + log2(1 − loss a doubling)
 * @example
 * exposureWorth(180, usualLoss) // ≈ 145.8
 */
export function exposureWorth(seconds: number, loss: LongExposureLoss): number {
  checkSeconds(seconds);
  const exponent = exponentOf(loss);
  const { fromSeconds } = loss;
  return sound(
    seconds <= fromSeconds ? seconds : fromSeconds * (seconds / fromSeconds) ** exponent,
  );
}

/**
 * What to give so that a long exposure is worth what was worked out.
 * @param seconds that it is to be worth
 * @param loss of the paper
 * @returns s to give
 * @throws Refusal `long-exposure` unless the time is more than zero and the loss within reason
 * @source Schwarzschild: t0·(E/t0)^(1/p)
 * @example
 * exposureToGive(130, usualLoss) // ≈ 157.2
 */
export function exposureToGive(seconds: number, loss: LongExposureLoss): number {
  checkSeconds(seconds);
  const exponent = exponentOf(loss);
  const { fromSeconds } = loss;
  return soundTime(
    seconds <= fromSeconds ? seconds : fromSeconds * (seconds / fromSeconds) ** (1 / exponent),
  );
}

/**
 * A long exposure in another light. The time that was right has its loss in it already; what the other light asks for is worth that,
 * times the change, and loses its own.
 * @param seconds that were right
 * @param factor on the time, were nothing lost
 * @param loss of the paper
 * @returns s to give
 * @throws Refusal as `exposureWorth`
 * @source Schwarzschild there and back: give(worth(t)·factor)
 * @example
 * longTimeIn(120, 2, usualLoss) // ≈ 271.8
 */
export function longTimeIn(seconds: number, factor: number, loss: LongExposureLoss): number {
  return exposureToGive(exposureWorth(seconds, loss) * factor, loss);
}
