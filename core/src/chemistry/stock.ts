import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';

/** What to pour together, ml. */
export interface StockMix {
  readonly stockMl: number;
  readonly waterMl: number;
}

/**
 * A solution of so many per cent from a stronger stock.
 * @param volumeMl wanted, ml
 * @param percent wanted, %
 * @param stockPercent of the stock, %
 * @returns stock and water, ml
 * @throws Refusal `volume` unless the volume is more than zero, `percent` unless the stock is the stronger one
 * @source C₁·V₁ = C₂·V₂
 * @example
 * fromStock(400, 2.5, 28).stockMl // ≈ 35.71
 */
export function fromStock(volumeMl: number, percent: number, stockPercent: number): StockMix {
  if (!(volumeMl > 0)) throw new Refusal('volume', '/volumeMl', 'Give the volume to be made.');
  if (!(percent > 0 && stockPercent >= percent)) {
    throw new Refusal(
      'percent',
      '/percent',
      'A stock can only be made weaker: give less than its own per cent, and more than 0.',
    );
  }
  const stockMl = (volumeMl * percent) / stockPercent;
  return sound({ stockMl, waterMl: volumeMl - stockMl });
}

/**
 * The water that makes a dilution a weaker one.
 * @param volumeMl of what is there, ml
 * @param nowParts of water to one of concentrate in it
 * @param thenParts of water wanted
 * @returns ml of water to add
 * @throws Refusal `volume` unless there is any, `dilution` when it would have to become stronger
 * @source V·(1 + b)/(1 + a) − V
 * @example
 * waterToDilute(350, 9, 14) // = 175
 */
export function waterToDilute(volumeMl: number, nowParts: number, thenParts: number): number {
  if (!(volumeMl > 0)) throw new Refusal('volume', '/volumeMl', 'Give the volume that is there.');
  if (!(nowParts >= 0 && thenParts >= nowParts)) {
    throw new Refusal(
      'dilution',
      '/thenParts',
      'Water only makes it weaker: the second dilution has at least as many parts of water as the first.',
    );
  }
  return sound((volumeMl * (1 + thenParts)) / (1 + nowParts) - volumeMl);
}
