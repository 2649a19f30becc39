import type { RecipeBody } from '../../recipe/contract.ts';
import { bodyOf, type Change, type Things } from '../changes.ts';
import { sameName } from '../../../words/same-name.ts';

interface FromTest {
  readonly exposureIndex: number;
  /** Of the development; the recipe's own where it is not known. */
  readonly seconds?: number | undefined;
  /** N− to N+, as shares of the normal time. */
  readonly contrast?: readonly { readonly n: number; readonly share: number }[];
  readonly evidence: string;
}

/** A percentage that a recipe can have. */
const LEAST_PERCENT = -90;
const MOST_PERCENT = 200;

/**
 * The recipes that a film's test can be written as: each of the film's own ones, with its developer and agitation, at the
 * tested EI and with the tested time. One that came of a test before, at that EI, is changed; otherwise there is a new one.
 */
export function recipeFromTest({ recipes }: Things, film: string, found: FromTest): Change[] {
  const own = recipes.filter((recipe) => sameName(recipe.film, film));
  const sources = own.filter(
    (recipe, index) =>
      own.findIndex(
        (other) => other.developer === recipe.developer && sameDilution(other, recipe),
      ) === index,
  );
  return sources.map((source): Change => {
    const before = own.find(
      (recipe) =>
        recipe.source === 'own-test' &&
        recipe.exposureIndex === found.exposureIndex &&
        recipe.developer === source.developer &&
        sameDilution(recipe, source),
    );
    const basis = before ?? source;
    const at = basis.points.find(({ temperatureC }) => temperatureC === 20) ?? basis.points[0]!;
    const percents = found.contrast?.map(({ n, share }) => ({
      n,
      percent: Math.round(100 * (share - 1)),
    }));
    const contrast = percents?.filter(
      ({ n, percent }) => n !== 0 && percent >= LEAST_PERCENT && percent <= MOST_PERCENT,
    );
    const body: RecipeBody = {
      ...bodyOf(basis),
      exposureIndex: found.exposureIndex,
      points: [
        {
          temperatureC: at.temperatureC,
          seconds: Math.round(found.seconds ?? at.seconds),
        },
      ],
      ...(contrast && contrast.length > 0 && { contrast }),
      source: 'own-test',
      note: `${found.evidence}.`,
    };
    const name = `${source.film} in ${source.developer} ${source.dilution.join('+')}`;
    return {
      label: `${before ? 'Change' : 'Write'} the recipe ${name} at EI ${found.exposureIndex}`,
      done: `The recipe ${name} at EI ${found.exposureIndex} is from your own test.`,
      shelf: 'recipes',
      ...(before && { thing: before }),
      name: `${name}, EI ${found.exposureIndex}`,
      body,
    };
  });
}

const sameDilution = (a: RecipeBody, b: RecipeBody) =>
  a.dilution.join('+') === b.dilution.join('+');
