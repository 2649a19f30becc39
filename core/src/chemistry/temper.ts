import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';

/** Water is neither ice nor scalding, °C. */
const COLDEST_WATER_C = 0;
const HOTTEST_WATER_C = 60;

/** Liquid at two temperatures that makes a third. */
export interface Tempered {
  readonly coldMl: number;
  readonly hotMl: number;
}

/**
 * Cold and hot water for a volume at a temperature.
 * @param volumeMl wanted, ml
 * @param targetC wanted, °C
 * @param coldC °C
 * @param hotC °C
 * @returns ml of each
 * @throws Refusal `temper` unless the target lies between the two
 * @source mixing rule, equal heat capacities
 * @example
 * temperedWater(1000, 20, 12, 48).hotMl // ≈ 222.2
 */
export function temperedWater(
  volumeMl: number,
  targetC: number,
  coldC: number,
  hotC: number,
): Tempered {
  if (!(hotC > coldC && targetC >= coldC && targetC <= hotC)) {
    throw new Refusal(
      'temper',
      '/targetC',
      'Cold and hot water can only make a temperature between the two.',
    );
  }
  const hotMl = (volumeMl * (targetC - coldC)) / (hotC - coldC);
  return sound({ coldMl: volumeMl - hotMl, hotMl });
}

/**
 * How warm the water has to be, so that water and concentrate together reach a temperature.
 * @param volumeMl of the whole mix, ml
 * @param concentrateMl of that, ml
 * @param concentrateC of the concentrate, °C
 * @param targetC wanted, °C
 * @returns °C of the water
 * @throws Refusal `temper` unless there is water in the mix, and liquid water that no hand is scalded by can do it
 * @source mixing rule, equal heat capacities
 * @example
 * waterTemperature(600, 18.75, 24, 20) // ≈ 19.9
 */
export function waterTemperature(
  volumeMl: number,
  concentrateMl: number,
  concentrateC: number,
  targetC: number,
): number {
  const waterMl = volumeMl - concentrateMl;
  if (!(waterMl > 0))
    throw new Refusal('temper', '/volumeMl', 'There is no water in this mix to be warmed.');
  const waterC = (volumeMl * targetC - concentrateMl * concentrateC) / waterMl;
  if (!(waterC >= COLDEST_WATER_C && waterC <= HOTTEST_WATER_C)) {
    throw new Refusal(
      'temper',
      '/targetC',
      `The water would have to be at ${waterC.toFixed(1)} °C: let the concentrate come nearer to that temperature first.`,
    );
  }
  return sound(waterC);
}

/**
 * How long a bottle stands in a water bath until it has a temperature.
 * @param nowC of the bottle, °C
 * @param targetC wanted, °C
 * @param bathC of the water bath, °C
 * @param timeConstantSeconds how long the bottle takes to follow, s
 * @returns s
 * @throws Refusal `temper` when that bath never brings it there
 * @source Newton's law of cooling, solved for the time
 * @example
 * secondsInBath(18, 20, 30, 600) // ≈ 109.4
 */
export function secondsInBath(
  nowC: number,
  targetC: number,
  bathC: number,
  timeConstantSeconds: number,
): number {
  if (nowC === targetC) return 0;
  const share = (bathC - nowC) / (bathC - targetC);
  if (!(share > 1 && share < Infinity)) {
    throw new Refusal(
      'temper',
      '/bathC',
      'A water bath at that temperature never brings it there.',
    );
  }
  return sound(timeConstantSeconds * Math.log(share));
}
