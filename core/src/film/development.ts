import { Refusal } from '../refusal.ts';
import { cautionsFor, type DevelopmentCautionId } from './cautions/index.ts';
import { filmTime, type FilmTime } from './film-time.ts';
import { pushBetween, pushFactor } from './push.ts';
import type { FilmRecipe } from './recipe.ts';

/** The time to develop for, with everything it was multiplied from. */
export interface Development {
  readonly seconds: number;
  /** The recipe's own time at this temperature. */
  readonly base: FilmTime;
  /** Push (positive) or pull from the film's box speed to the speed used. */
  readonly pushStops: number;
  /** Stops that no recipe covers, so that the rule of thumb had to; 0 when the recipe is for the speed used. */
  readonly ruleOfThumbStops: number;
  /** The rule of thumb's factor for them. */
  readonly pushFactor: number;
  readonly cautions: readonly DevelopmentCautionId[];
}

/**
 * The time to develop a film for: the recipe's time at the temperature, times what the speed used asks for.
 * @param recipe the recipe chosen
 * @param temperatureC of the developer, °C
 * @param exposureIndex the speed the film was shot at
 * @returns seconds, and each factor
 * @throws Refusal as `filmTime` and `pushBetween`
 * @source Arrhenius for temperature, rule of thumb for push and pull
 * @example
 * development({ film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 540 }], source: "guess" }, 20, 1600).seconds // ≈ 1058.4
 */
export function development(
  recipe: FilmRecipe,
  temperatureC: number,
  exposureIndex: number,
): Development {
  if (!Number.isFinite(temperatureC)) {
    throw new Refusal('temperature', '/temperatureC', 'Type the temperature of the developer.');
  }
  const base = filmTime(recipe, temperatureC);
  const ruleOfThumbStops = pushBetween(recipe.exposureIndex, exposureIndex).stops;
  const factor = pushFactor(ruleOfThumbStops);
  const seconds = base.seconds * factor;
  return {
    seconds,
    base,
    pushStops: pushBetween(recipe.boxSpeed, exposureIndex).stops,
    ruleOfThumbStops,
    pushFactor: factor,
    cautions: cautionsFor({
      seconds,
      temperatureC,
      pastTable: base.method === 'past-table',
      bathTemperaturesC: [temperatureC],
    }),
  };
}

/**
 * The recipe to use for a speed: among those for the same film, developer and dilution, the one made for
 * that speed, or else the one whose speed is nearest.
 * @param recipes any recipes
 * @param like the recipe chosen so far
 * @param exposureIndex the speed used
 * @returns the recipe
 * @source a recipe for the speed used wins over any factor
 * @example
 * recipeForSpeed([], { film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [], source: "guess" }, 800).exposureIndex // = 400
 */
export function recipeForSpeed<Recipe extends FilmRecipe>(
  recipes: readonly Recipe[],
  like: Recipe,
  exposureIndex: number,
): Recipe {
  const distance = (recipe: FilmRecipe) =>
    Math.abs(Math.log2(recipe.exposureIndex / exposureIndex));
  return recipes
    .filter(
      (recipe) =>
        recipe.film === like.film &&
        recipe.developer === like.developer &&
        recipe.agitation === like.agitation &&
        recipe.dilution.join('+') === like.dilution.join('+'),
    )
    .reduce((best, recipe) => (distance(recipe) < distance(best) ? recipe : best), like);
}
