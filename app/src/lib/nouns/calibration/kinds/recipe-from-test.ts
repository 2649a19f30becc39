import { LEAST_APART_C, filmTime } from '@katachron/core';
import { attempt } from '../../../words/attempt.ts';
import type { RecipeBody } from '../../recipe/contract.ts';
import { filmsOf } from '../../recipe/films.ts';
import { nameNow } from '../../../words/called.ts';
import { bodyOf, type Change, type Things } from '../changes.ts';
import { sameName } from '../../../words/same-name.ts';
import type { DevelopedIn } from './developed-in.ts';

interface FromTest {
  readonly exposureIndex: number;
  /** Of the development; the recipe's own where it is not known. */
  readonly seconds?: number | undefined;
  /** N− to N+, as shares of the normal time. */
  readonly contrast?: readonly { readonly n: number; readonly share: number }[];
  readonly evidence: string;
  /** What the film was tested in; where it is known no other developer's recipe is offered. */
  readonly in?: DevelopedIn | undefined;
  /** The EI set at the meter, for a film that has no recipe yet. */
  readonly exposedAt?: number;
}

/** A percentage that a recipe can have. */
const LEAST_PERCENT = -90;
const MOST_PERCENT = 200;

/**
 * The recipes that a film's test can be written as: each of the film's own ones, with its developer and agitation, at the
 * tested EI and with the tested time. One that came of a test before, at that EI, is changed; otherwise there is a new one.
 */
export function recipeFromTest({ recipes }: Things, name: string, found: FromTest): Change[] {
  const film = nameNow(filmsOf(recipes), name);
  const tested = found.in;
  const own = recipes.filter(
    (recipe) =>
      sameName(recipe.film, film) &&
      (!tested || (sameName(recipe.developer, tested.developer) && sameDilution(recipe, tested))),
  );
  if (own.length === 0 && tested) return [newRecipe(recipes, film, found, tested)];
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
    const body: RecipeBody = {
      ...bodyOf(basis),
      exposureIndex: found.exposureIndex,
      ...(tested && { agitation: tested.agitation }),
      points: pointsOf(basis, found),
      ...withContrast(found),
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

const sameDilution = (
  a: Pick<RecipeBody, 'dilution'>,
  b: { readonly dilution: readonly number[] },
) => a.dilution.join('+') === b.dilution.join('+');

/** Every temperature of the recipe it comes from, all by as much longer or shorter as the test found where it was made. */
function pointsOf(basis: RecipeBody, { seconds, in: tested }: FromTest): RecipeBody['points'] {
  const { points } = basis;
  const usual = points.find(({ temperatureC }) => temperatureC === 20) ?? points[0]!;
  if (seconds === undefined) return points;
  const at = tested?.temperatureC ?? usual.temperatureC;
  const there = attempt(() => filmTime(basis, at).seconds).value;
  if (there === undefined) return [{ temperatureC: at, seconds: Math.round(seconds) }];
  const share = seconds / there;
  const carried = points
    // Two points so near to each other would be asked about: what was tested stands for both.
    .filter(({ temperatureC }) => Math.abs(temperatureC - at) >= LEAST_APART_C)
    .map((point) => ({ ...point, seconds: Math.round(point.seconds * share) }));
  return [...carried, { temperatureC: at, seconds: Math.round(seconds) }].toSorted(
    (one, other) => one.temperatureC - other.temperatureC,
  );
}

/** The first recipe of a film in a developer. */
function newRecipe(
  recipes: Things['recipes'],
  film: string,
  found: FromTest,
  tested: DevelopedIn,
): Change {
  const { exposureIndex, seconds = 0, evidence, exposedAt = exposureIndex } = found;
  const name = `${film} in ${tested.developer} ${tested.dilution.join('+')}`;
  const body: RecipeBody = {
    ...{ film, developer: tested.developer, dilution: [...tested.dilution], exposureIndex },
    boxSpeed: recipes.find((recipe) => sameName(recipe.film, film))?.boxSpeed ?? exposedAt,
    agitation: tested.agitation,
    points: [{ temperatureC: tested.temperatureC, seconds: Math.round(seconds) }],
    ...withContrast(found),
    source: 'own-test',
    note: `${evidence}.`,
  };
  return {
    label: `Write the recipe ${name} at EI ${exposureIndex}`,
    done: `The recipe ${name} at EI ${exposureIndex} is from your own test.`,
    ...{ shelf: 'recipes', name: `${name}, EI ${exposureIndex}`, body },
  };
}

/** N− to N+ as a recipe has them. */
function withContrast({ contrast = [] }: FromTest): Pick<RecipeBody, 'contrast'> {
  const told = contrast
    .map(({ n, share }) => ({ n, percent: Math.round(100 * (share - 1)) }))
    .filter(({ n, percent }) => n !== 0 && percent >= LEAST_PERCENT && percent <= MOST_PERCENT);
  return told.length > 0 ? { contrast: told } : {};
}
