import { called, type Named } from '../../words/called.ts';
import type { RecipeBody } from './contract.ts';

/** The films that recipes are for, each with what it was called before. */
export const filmsOf = (recipes: readonly Pick<RecipeBody, 'film' | 'formerFilms'>[]): Named[] =>
  recipes.map(({ film, formerFilms }) => ({ name: film, formerNames: formerFilms }));

/** What a film is called now: a name that no recipe bears any more is that of the film which bore it. */
export const filmNow = (films: readonly Named[], film: string): string =>
  called(films, film)?.name ?? film;

/** What records say of a film, under the name that it has now. */
export const underFilmsNow = <Kept extends { readonly given: object }>(
  kept: readonly Kept[],
  films: readonly Named[],
): Kept[] =>
  kept.map((one) =>
    'film' in one.given && typeof one.given.film === 'string'
      ? { ...one, given: { ...one.given, film: filmNow(films, one.given.film) } }
      : one,
  );
