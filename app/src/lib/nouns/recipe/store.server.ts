import type { Recipe, RecipeBody } from './contract.ts';
import { models, type RecipeRow } from '../../server/database/models.ts';
import { formerNames } from '../../words/called.ts';
import { versionedStore } from '../../server/store/versioned.ts';

const resource = ({ id, version, body }: RecipeRow): Recipe => ({ id, version, ...body });

const store = versionedStore<RecipeRow, RecipeBody, Recipe>({
  model: () => models().RecipeRow,
  columns: ({ film, developer, exposureIndex }) => ({ film, developer, exposureIndex }),
  resource,
  settled: async (before, { formerFilms, ...sent }) => {
    const was = before && { name: before.film, formerNames: before.formerFilms };
    const former = formerNames(was, { name: sent.film, formerNames: formerFilms });
    return { ...sent, ...(former.length > 0 && { formerFilms: [...former] }) };
  },
});

/** Recipes, by film, developer and speed. */
export const recipes = {
  ...store,
  async all(): Promise<Recipe[]> {
    const rows = await models().RecipeRow.findAll({
      order: ['film', 'developer', 'exposureIndex', 'id'],
    });
    return rows.map(resource);
  },
};
