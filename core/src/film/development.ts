import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import { agitationFactor } from './agitation-factor.ts';
import type { Agitation } from './agitation/index.ts';
import { cautionsFor, type DevelopmentCautionId } from './cautions/index.ts';
import { filmTime, type FilmTime } from './film-time.ts';
import { pushBetween, pushFactor } from './push.ts';
import type { FilmRecipe } from './recipe.ts';
import { slowsWhenWarmer } from './recipe-question.ts';
import { reuseFactor } from './reuse.ts';

/** What of a run differs from its recipe. */
export interface DevelopmentChoices {
  /** The agitation of this run, where it is not the recipe's. */
  readonly agitation?: Agitation;
  /** Roll equivalents already developed in this developer, and how much of it there is, ml, where its recipe asks. */
  readonly rollsBefore?: number;
  readonly developerMl?: number;
  /** N−2 … N+2, one of those the recipe has; 0 is normal. */
  readonly n?: number;
}

export type FactorId = 'clock' | 'push' | 'agitation' | 'reuse' | 'contrast';

/** One thing that the recipe's time is multiplied by. */
export interface DevelopmentFactor {
  readonly id: FactorId;
  readonly factor: number;
  /** It comes from a rule of thumb and not from the recipe. */
  readonly ruleOfThumb: boolean;
}

/** The time to develop for, with everything it was multiplied from. */
export interface Development {
  readonly seconds: number;
  /** The recipe's own time at this temperature. */
  readonly base: FilmTime;
  /** Everything that is not 1, in the order in which it is multiplied. */
  readonly factors: readonly DevelopmentFactor[];
  /** All factors multiplied. */
  readonly factor: number;
  /** Push (positive) or pull from the film's box speed to the speed used. */
  readonly pushStops: number;
  /** Stops that no recipe covers, so that the rule of thumb had to; 0 when the recipe is for the speed used. */
  readonly ruleOfThumbStops: number;
  /** The rule of thumb's factor for them. */
  readonly pushFactor: number;
  readonly cautions: readonly DevelopmentCautionId[];
}

/**
 * The time to develop a film for: the recipe's time at the temperature, times what speed used, agitation, reuse, contrast
 * and a wrong clock ask for.
 * @param recipe the recipe chosen
 * @param temperatureC of the developer, °C
 * @param exposureIndex the speed the film was shot at
 * @param choices agitation, rolls before and N of this run
 * @returns seconds, and each factor
 * @throws Refusal as `filmTime`, `pushBetween` and `reuseFactor`; `contrast` for an N that the recipe does not have
 * @source Arrhenius for temperature, rules of thumb for push, pull and agitation, the recipe's own for the rest
 * @example
 * development({ film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 540 }], source: "guess" }, 20, 1600).seconds // ≈ 1058.4
 */
export function development(
  recipe: FilmRecipe,
  temperatureC: number,
  exposureIndex: number,
  choices: DevelopmentChoices = {},
): Development {
  if (!Number.isFinite(temperatureC)) {
    throw new Refusal('temperature', '/temperatureC', 'Type the temperature of the developer.');
  }
  const base = filmTime(recipe, temperatureC);
  const ruleOfThumbStops = pushBetween(recipe.exposureIndex, exposureIndex).stops;
  const push = pushFactor(ruleOfThumbStops);
  const moved = agitationFactor(recipe.agitation, choices.agitation ?? recipe.agitation);
  const all: readonly DevelopmentFactor[] = [
    { id: 'clock', factor: recipe.clockFactor ?? 1, ruleOfThumb: false },
    { id: 'push', factor: push, ruleOfThumb: true },
    { id: 'agitation', factor: moved ?? 1, ruleOfThumb: true },
    {
      id: 'reuse',
      factor: reuseFactor(
        recipe.reuse ?? { kind: 'one-shot' },
        choices.rollsBefore ?? 0,
        choices.developerMl,
      ),
      ruleOfThumb: false,
    },
    { id: 'contrast', factor: contrastFactor(recipe, choices.n ?? 0), ruleOfThumb: false },
  ];
  const factors = all.filter(({ factor }) => factor !== 1);
  const factor = factors.reduce((product, one) => product * one.factor, 1);
  const seconds = base.seconds * factor;
  return sound({
    seconds,
    base,
    factors,
    factor,
    pushStops: pushBetween(recipe.boxSpeed, exposureIndex).stops,
    ruleOfThumbStops,
    pushFactor: push,
    cautions: cautionsFor({
      seconds,
      temperatureC,
      pastTable: base.method === 'past-table',
      noRuleForAgitation: moved === undefined,
      pushedAndContrast: push !== 1 && (choices.n ?? 0) !== 0,
      slowsWhenWarmer: slowsWhenWarmer(recipe.points) !== undefined,
      bathTemperaturesC: [temperatureC],
    }),
  });
}

function contrastFactor(recipe: FilmRecipe, n: number): number {
  if (n === 0) return 1;
  const change = recipe.contrast?.find((one) => one.n === n);
  if (!change) {
    throw new Refusal(
      'contrast',
      '/n',
      `This recipe says nothing about N${n > 0 ? '+' : '−'}${Math.abs(n)}.`,
    );
  }
  return 1 + change.percent / 100;
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
  sound([exposureIndex, [like, ...recipes].map((recipe) => recipe.exposureIndex)]);
  const distance = (recipe: FilmRecipe) =>
    Math.abs(Math.log2(recipe.exposureIndex / exposureIndex));
  const same = (recipe: FilmRecipe) =>
    recipe.film === like.film &&
    recipe.developer === like.developer &&
    JSON.stringify(recipe.agitation) === JSON.stringify(like.agitation) &&
    recipe.dilution.join('+') === like.dilution.join('+');
  return recipes
    .filter(same)
    .reduce((best, recipe) => (distance(recipe) < distance(best) ? recipe : best), like);
}
