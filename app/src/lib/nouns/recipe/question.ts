import { oddPair, slowsWhenWarmer, type OddPair, type RecipePoint } from '@katachron/core';
import type { RecipeBody } from './contract.ts';
import { clockTime } from '../../words/duration.ts';
import { degrees, type Unit } from '../../words/temperature.ts';

/** What is asked about a recipe's table before it is taken; undefined when it is as tables are, or is meant so. */
export function recipeQuestion(
  { points, tableMeant }: Pick<RecipeBody, 'points' | 'tableMeant'>,
  unit: Unit = 'C',
): string | undefined {
  if (tableMeant) return undefined;
  const said = ({ temperatureC, seconds }: RecipePoint) =>
    `${clockTime(seconds)} at ${degrees(temperatureC, unit)}${unit}`;
  const slows = slowsWhenWarmer(points);
  if (slows) {
    const [cooler, warmer] = slows.map(said);
    return `It says ${warmer}, but ${cooler}: every developer works faster when it is warmer. Is one of them mistyped?`;
  }
  const pair = oddPair(points);
  return pair && asked[pair.odd](said(pair.cooler), said(pair.warmer));
}

/** What is asked about two neighbours, each with its time. */
const asked: { readonly [Odd in OddPair['odd']]: (cooler: string, warmer: string) => string } = {
  near: (cooler, warmer) =>
    `It says ${cooler} and ${warmer}, less than half a degree apart: which of the two is it?`,
  flat: (cooler, warmer) =>
    `From ${cooler} to ${warmer} the time falls by less than in any developer that is known. Is one of them mistyped?`,
  steep: (cooler, warmer) =>
    `From ${cooler} to ${warmer} the time falls by more than in any developer that is known. Is one of them mistyped?`,
};
