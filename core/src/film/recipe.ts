import type { Dilution } from '../quantity/dilution.ts';
import type { AgitationId } from './agitation/index.ts';

/** A development time at one temperature, as a data sheet prints it. */
export interface RecipePoint {
  readonly temperatureC: number;
  readonly seconds: number;
}

/** Where a recipe's times came from. */
export type RecipeSource = 'data-sheet' | 'own-test' | 'guess';

/** Film, developer, dilution, exposure index and agitation, with the time or times that belong to them. */
export interface FilmRecipe {
  readonly film: string;
  /** ISO 6 speed printed on the box. */
  readonly boxSpeed: number;
  readonly developer: string;
  readonly dilution: Dilution;
  /** The exposure index the times are for. */
  readonly exposureIndex: number;
  readonly agitation: AgitationId;
  /** One point or more, at different temperatures. */
  readonly points: readonly RecipePoint[];
  /** Activation energy of this developer where it is known, J/mol. */
  readonly activationEnergy?: number;
  readonly source: RecipeSource;
}
