import type { Dilution } from '../quantity/dilution.ts';
import type { Agitation } from './agitation/index.ts';
import type { ReuseRule } from './reuse.ts';

/** A development time at one temperature, as a data sheet prints it. */
export interface RecipePoint {
  readonly temperatureC: number;
  readonly seconds: number;
}

/** Where a recipe's times came from. */
export type RecipeSource = 'data-sheet' | 'own-test' | 'guess';

/** A change of contrast by development: N−2 … N+2, and what it does to the time. */
export interface ContrastChange {
  /** Zones the subject's range is expanded (positive) or contracted by. */
  readonly n: number;
  /** Per cent on the time. */
  readonly percent: number;
}

/** The second bath of a two-bath developer. */
export interface SecondBath {
  readonly seconds: number;
  readonly agitation: Agitation;
}

/** Film, developer, dilution, exposure index and agitation, with the time or times that belong to them. */
export interface FilmRecipe {
  readonly film: string;
  /** ISO 6 speed printed on the box. */
  readonly boxSpeed: number;
  readonly developer: string;
  readonly dilution: Dilution;
  /** The exposure index the times are for. */
  readonly exposureIndex: number;
  readonly agitation: Agitation;
  /** One point or more, at different temperatures. */
  readonly points: readonly RecipePoint[];
  /** Activation energy of this developer where it is known, J/mol. */
  readonly activationEnergy?: number;
  /** Least of the first part (concentrate or stock) for one roll equivalent, ml. */
  readonly minimumMl?: number;
  /** What becomes of the developer after a roll; one-shot unless said. */
  readonly reuse?: ReuseRule;
  /** Development for more or less contrast, where the recipe has it. */
  readonly contrast?: readonly ContrastChange[];
  /** The times were taken on a clock that was wrong by this factor; 1 unless said. */
  readonly clockFactor?: number;
  readonly secondBath?: SecondBath;
  /** A table that slows down when warmer was looked at again, and is meant so. */
  readonly tableMeant?: boolean;
  readonly source: RecipeSource;
}
