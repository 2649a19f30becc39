import { sound } from '../quantity/sound.ts';
import { activationEnergyBetween } from './activation-energy.ts';
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

/** Nearer to each other than this two temperatures of a table are one, read twice, °C. */
export const LEAST_APART_C = 0.5;
const ROUNDED = 1e-9;
/** What developers are known to need, J/mol; more or less is a slip as often as not. */
const USUAL_ENERGY = { least: 30_000, most: 120_000 } as const;

/** Two neighbours of a table that tables rarely have: too near to each other, or too flat or too steep between. */
export interface OddPair {
  readonly odd: 'near' | 'flat' | 'steep';
  readonly cooler: RecipePoint;
  readonly warmer: RecipePoint;
}

/**
 * Two neighbours of a table that are worth a question, although each is faster than the cooler one.
 * @param points of a recipe, °C and s, in any order
 * @returns the first such pair; undefined where the table is as tables are
 * @source less than 0.5 °C apart; Arrhenius energies outside of 30–120 kJ/mol
 * @example
 * oddPair([{ temperatureC: 20, seconds: 480 }, { temperatureC: 22, seconds: 240 }]).odd // = "steep"
 */
export function oddPair(points: readonly RecipePoint[]): OddPair | undefined {
  sound(points);
  const ordered = [...points].sort((a, b) => a.temperatureC - b.temperatureC);
  for (const [index, warmer] of ordered.entries()) {
    const cooler = ordered[index - 1];
    if (!cooler) continue;
    if (warmer.temperatureC - cooler.temperatureC < LEAST_APART_C - ROUNDED) {
      return { odd: 'near', cooler, warmer };
    }
    if (!(warmer.seconds > 0 && cooler.seconds > warmer.seconds)) continue;
    const energy = activationEnergyBetween(cooler, warmer);
    if (energy < USUAL_ENERGY.least) return { odd: 'flat', cooler, warmer };
    if (energy > USUAL_ENERGY.most) return { odd: 'steep', cooler, warmer };
  }
  return undefined;
}
