import { slowsWhenWarmer } from '@katachron/core';
import type { RecipeBody } from './contract.ts';
import { clockTime } from '../../words/duration.ts';
import { degrees, type Unit } from '../../words/temperature.ts';

/** What is asked about a recipe's table before it is taken; undefined when it is as tables are, or is meant so. */
export function recipeQuestion(
  { points, tableMeant }: Pick<RecipeBody, 'points' | 'tableMeant'>,
  unit: Unit = 'C',
): string | undefined {
  const pair = tableMeant ? undefined : slowsWhenWarmer(points);
  if (!pair) return undefined;
  const [cooler, warmer] = pair.map(
    ({ temperatureC, seconds }) => `${clockTime(seconds)} at ${degrees(temperatureC, unit)}${unit}`,
  );
  return `It says ${warmer}, but ${cooler}: every developer works faster when it is warmer. Is one of them mistyped?`;
}
