import { continuous } from './continuous.ts';
import { eachHalfMinute } from './each-half-minute.ts';
import { eachMinute } from './each-minute.ts';
import { rest } from './rest.ts';
import { rotary } from './rotary.ts';
import type { AgitationScheme, OwnAgitation } from './scheme.ts';
import { semiStand } from './semi-stand.ts';
import { stand } from './stand.ts';

/** Every way of keeping a tank moving that the process brings along. */
export const agitationSchemes = [
  eachMinute,
  eachHalfMinute,
  continuous,
  rotary,
  semiStand,
  stand,
  rest,
] as const;

export type AgitationId = (typeof agitationSchemes)[number]['id'];

/** One of the schemes known by name, or a scheme of one's own. */
export type Agitation = AgitationId | OwnAgitation;

/** No hands turn a tank more often than this, s; a scheme that asks for it is moved all the time. */
export const LEAST_EVERY_SECONDS = 5;

/**
 * The scheme meant: one known by its id, or one's own made whole. A scheme of one's own with turns that follow each other
 * faster than hands can is taken as continuous, and its name says so.
 * @param agitation an id in `agitationSchemes`, or a scheme of one's own (s)
 * @returns the scheme
 * @source this folder's index
 * @example
 * agitationScheme("each-minute").turns // = 4
 */
export function agitationScheme(agitation: Agitation): AgitationScheme {
  if (typeof agitation === 'string') {
    return agitationSchemes.find((scheme) => scheme.id === agitation)!;
  }
  const { turns, everySeconds, name } = agitation;
  const tooOften = everySeconds > 0 && everySeconds < LEAST_EVERY_SECONDS;
  const always = agitation.continuous || tooOften;
  const turning = turns > 0 ? `Invert it ${turns === 1 ? 'once' : `${turns} times`}` : 'Move it';
  return {
    ...agitation,
    id: 'own',
    name: tooOften ? `${name} (every ${everySeconds} s: continuous)` : name,
    continuous: always,
    hands: always ? 'Keep it moving' : `${turning}, then tap`,
  };
}
