import { bathsApart } from './baths-apart.ts';
import type { DevelopmentFacts } from './caution.ts';
import { cold } from './cold.ts';
import { noRuleForAgitation } from './no-rule-for-agitation.ts';
import { pastTable } from './past-table.ts';
import { pushAndContrast } from './push-and-contrast.ts';
import { shortTime } from './short-time.ts';
import { slowsWhenWarmer } from './slows-when-warmer.ts';
import { warm } from './warm.ts';

export { LEAST_C } from './cold.ts';
export { LEAST_SECONDS } from './short-time.ts';
export { MOST_C } from './warm.ts';

/** Every caution about a development, in the order in which they are said. */
export const developmentCautions = [
  shortTime,
  cold,
  warm,
  pastTable,
  slowsWhenWarmer,
  noRuleForAgitation,
  pushAndContrast,
  bathsApart,
] as const;

export type DevelopmentCautionId = (typeof developmentCautions)[number]['id'];

/**
 * What to be careful of in a development.
 * @param facts seconds, °C, whether the time is past the table, and the bath temperatures that are known
 * @returns the ids of the cautions that apply
 * @source practice: uneven under 4 min, 18–24 °C, baths within 3 °C
 * @example
 * cautionsFor({ seconds: 200, temperatureC: 25, pastTable: false, bathTemperaturesC: [25] }) // = ["short-time", "warm"]
 */
export function cautionsFor(facts: DevelopmentFacts): DevelopmentCautionId[] {
  return developmentCautions
    .filter((caution) => caution.applies(facts))
    .map((caution) => caution.id);
}
