import { nameNow, type Named } from '../../words/called.ts';
import type { RecipeBody } from './contract.ts';

/** The films that recipes are for, each with what it was called before. */
export const filmsOf = (recipes: readonly Pick<RecipeBody, 'film' | 'formerFilms'>[]): Named[] =>
  recipes.map(({ film, formerFilms }) => ({ name: film, formerNames: formerFilms }));

/** What records say of a film, under the name that it has now. */
export const underFilmsNow = <Kept extends { readonly given: object }>(
  kept: readonly Kept[],
  films: readonly Named[],
): Kept[] =>
  kept.map((one) =>
    'film' in one.given && typeof one.given.film === 'string'
      ? { ...one, given: { ...one.given, film: nameNow(films, one.given.film) } }
      : one,
  );
