import { sound } from '../quantity/sound.ts';
import type { RecipePoint } from './recipe.ts';

/**
 * Two times of a table that contradict each other: every developer works faster when it is warmer.
 * @param points of a recipe, °C and s, in any order
 * @returns the cooler and the warmer of the first two neighbours whose time does not fall; undefined when there are none
 * @source Arrhenius: the rate of development rises with temperature
 * @example
 * slowsWhenWarmer([{ temperatureC: 20, seconds: 480 }, { temperatureC: 22, seconds: 540 }])[1].temperatureC // = 22
 */
export function slowsWhenWarmer(
  points: readonly RecipePoint[],
): readonly [RecipePoint, RecipePoint] | undefined {
  sound(points);
  const ordered = [...points].sort((a, b) => a.temperatureC - b.temperatureC);
  const found = ordered.findIndex(
    (point, index) => point.seconds >= (ordered[index - 1]?.seconds ?? Infinity),
  );
  return found > 0 ? [ordered[found - 1]!, ordered[found]!] : undefined;
}
