import { agitationScheme, type Agitation } from '../film/agitation/index.ts';

/** A fixer is moved for this long first, s. */
const FIRST_SECONDS = 60;

/**
 * How a fixer is moved: the first minute, then as the developer was. A developer that stands is no pattern for a fixer,
 * which is then moved each minute.
 * @param developer the agitation of the developer
 * @returns the agitation of the fixer
 * @source practice: agitate the first minute, then as the developer
 * @example
 * fixAgitation("each-minute").initialSeconds // = 60
 */
export function fixAgitation(developer: Agitation): Agitation {
  const scheme = agitationScheme(developer);
  if (scheme.continuous) return developer;
  const moved = scheme.everySeconds > 0 && scheme.everySeconds <= 2 * FIRST_SECONDS;
  const { name, everySeconds, burstSeconds, turns } = moved
    ? scheme
    : agitationScheme('each-minute');
  return {
    name: `the first minute, then ${name}`.slice(0, 80),
    initialSeconds: FIRST_SECONDS,
    everySeconds,
    burstSeconds,
    turns,
    continuous: false,
  };
}
