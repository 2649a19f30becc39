/** What a caution looks at. */
export interface DevelopmentFacts {
  /** The development time as it will be run, s. */
  readonly seconds: number;
  readonly temperatureC: number;
  readonly pastTable: boolean;
  /** The tank is moved in a way that no rule leads to from the recipe's. */
  readonly noRuleForAgitation?: boolean;
  /** Both the speed used and N are other than the recipe's. */
  readonly pushedAndContrast?: boolean;
  /** A time of the recipe's table does not fall when it is warmer. */
  readonly slowsWhenWarmer?: boolean;
  /** Temperatures of all baths that are known, °C. */
  readonly bathTemperaturesC: readonly number[];
}

/** One thing that can go wrong with a development, as data. */
export interface Caution {
  readonly id: string;
  readonly applies: (facts: DevelopmentFacts) => boolean;
  /** What to say, in words that need no number. */
  readonly sentence: string;
}
