import { ratioInStops, type ContrastSet } from '@katachron/core';
import type { Version } from '../../nouns/print/sheet.ts';
import { plainStops } from '../../words/fraction.ts';
import { amountWords } from './area-amount.ts';

/** Less than this nobody sees, stops. */
const SEEN = 0.02;

function contrastWords(set: ContrastSet, before: Version, now: Version): string[] {
  const at = ({ settingId }: Version) => set.settings.findIndex(({ id }) => id === settingId);
  const [from, to] = [at(before), at(now)];
  if (from === to) return [];
  // A place between two of a dial's.
  if (from < 0 || to < 0) return [`R ${now.range} instead of ${before.range}`];
  const steps = plainStops(Math.abs(to - from) * set.step);
  const harder = now.range < before.range;
  return [`${steps} ${set.noun} ${harder ? 'harder' : 'softer'}`];
}

function areaChanges(before: Version, now: Version): string[] {
  const was = new Map(before.areas.map((area) => [area.name, area]));
  const is = new Set(now.areas.map(({ name }) => name));
  const changed = now.areas.flatMap(({ name, stops }) => {
    const old = was.get(name);
    if (!old) return [`${name} ${amountWords(stops)}`];
    const more = stops - old.stops;
    return Math.abs(more) < SEEN ? [] : [`${name} ${amountWords(more)}`];
  });
  const gone = before.areas.flatMap(({ name }) => (is.has(name) ? [] : [`${name} no more`]));
  return [...changed, ...gone];
}

/** What is either there or not. */
const things: readonly { readonly name: string; readonly there: (version: Version) => boolean }[] =
  [
    { name: 'in two exposures', there: ({ split }) => split !== undefined },
    { name: 'flashed', there: ({ flashShare }) => flashShare !== undefined },
    { name: 'with a key line', there: ({ keyLineSeconds }) => keyLineSeconds !== undefined },
    { name: 'dry-down taken off', there: ({ dryDown }) => dryDown === true },
  ];

/** "½ filter softer, sky +⅓, corners no more": how a version differs from another one; "the same" where it does not. */
export function versionChange(before: Version, now: Version, set: ContrastSet): string {
  const more = ratioInStops(now.seconds / before.seconds);
  const words = [
    ...contrastWords(set, before, now),
    ...(Math.abs(more) < SEEN ? [] : [`${amountWords(more)} in all`]),
    ...areaChanges(before, now),
    ...things.flatMap(({ name, there }) =>
      there(now) === there(before) ? [] : [there(now) ? name : `no longer ${name}`],
    ),
  ];
  return words.length > 0 ? words.join(', ') : 'the same';
}
