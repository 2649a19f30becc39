import { continuous } from './continuous.ts';
import { eachHalfMinute } from './each-half-minute.ts';
import { eachMinute } from './each-minute.ts';
import { rest } from './rest.ts';
import type { AgitationScheme } from './scheme.ts';
import { semiStand } from './semi-stand.ts';

/** Every way of keeping a tank moving that the process knows. */
export const agitationSchemes = [eachMinute, eachHalfMinute, continuous, semiStand, rest] as const;

export type AgitationId = (typeof agitationSchemes)[number]['id'];

/**
 * The agitation scheme of an id.
 * @param id one of the ids in `agitationSchemes`
 * @returns the scheme
 * @source this folder's index
 * @example
 * agitationScheme("each-minute").turns // = 4
 */
export function agitationScheme(id: AgitationId): AgitationScheme {
  return agitationSchemes.find((scheme) => scheme.id === id)!;
}
