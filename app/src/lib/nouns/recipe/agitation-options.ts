import { agitationSchemes, type Agitation } from '@katachron/core';
import type { RecipeBody } from './contract.ts';

/** A way of moving the tank, to be chosen from a list. */
export interface AgitationOption {
  readonly id: string;
  readonly name: string;
  readonly agitation: Agitation;
}

/** A key that is the same for the same agitation, own or known. */
export function agitationKey(agitation: Agitation): string {
  return typeof agitation === 'string' ? agitation : JSON.stringify(agitation);
}

/** The known schemes, and the own ones of all recipes. */
export function agitationOptions(recipes: readonly RecipeBody[]): AgitationOption[] {
  const known = agitationSchemes.map(({ id, name }) => ({ id, name, agitation: id }));
  const own = recipes
    .flatMap(({ agitation, secondBath }) => [agitation, secondBath?.agitation])
    .filter((agitation) => typeof agitation === 'object')
    .map((agitation) => ({ id: agitationKey(agitation), name: agitation.name, agitation }));
  return [...new Map([...known, ...own].map((option) => [option.id, option])).values()];
}
