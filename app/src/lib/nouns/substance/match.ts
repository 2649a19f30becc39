import { formatDilution } from '@katachron/core';
import type { RecipeBody } from '../recipe/contract.ts';
import type { Substance } from './contract.ts';

const plain = (name: string) => name.trim().replace(/\s+/g, ' ').toLowerCase();

/**
 * The thing in the cupboard that something was made of: the one that it points at, otherwise, for what was written down before there
 * was a cupboard, the one of its name.
 */
export function substanceOf(
  { substanceId, developer }: { readonly substanceId?: string; readonly developer: string },
  substances: readonly Substance[],
): Substance | undefined {
  return (
    substances.find(({ id }) => id === substanceId) ??
    substances.find(({ name, use }) => use === 'film-developer' && plain(name) === plain(developer))
  );
}

/**
 * A recipe that points at its developer in the cupboard: at the one it pointed at before, while its developer is called the same, or
 * at the one of that name.
 */
export function pointed(
  recipe: RecipeBody,
  substances: readonly Substance[],
  before?: RecipeBody,
): RecipeBody {
  const { substanceId: _old, ...body } = recipe;
  const kept =
    before?.developer === recipe.developer && before.substanceId !== undefined
      ? { substanceId: before.substanceId }
      : {};
  const substance = substanceOf({ ...kept, developer: recipe.developer }, substances);
  const substanceId = substance?.id ?? kept.substanceId;
  return { ...body, ...(substanceId && { substanceId }) };
}

/** "1+31", "stock": its dilutions as they are chosen. */
export const dilutionsOf = ({ dilutions }: Pick<Substance, 'dilutions'>): string[] =>
  dilutions.map((parts) => formatDilution(parts));
