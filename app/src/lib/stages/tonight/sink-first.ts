import { stepKind } from '@katachron/core';
import type { Fired } from '../../bench/clock/fired.ts';
import { mayBeLookedAt, nearestFirst, type Lying } from '../../bench/sink/trays.ts';
import { shortName } from './short-name.ts';
import { washes } from './task-kinds.ts';

/** What dries, or comes to its temperature, does so by itself. */
const byItself: readonly string[] = [...washes, 'print-dry', 'warming'];

/**
 * What spoils if nobody comes, the worst first: film in a bath that wants hands, and paper that is to be lifted out now. A press
 * moves paper on, so it is never offered before its time.
 */
export function sinkFirst(lying: readonly Lying[]): Lying | undefined {
  return nearestFirst(lying).find((item) => {
    const { current, hands } = item.moment;
    if (item.forgotten || byItself.includes(current!.step.kind)) return false;
    if (hands === 'wait-in-water' || mayBeLookedAt(item)) return false;
    return item.run !== undefined || hands === 'pour-out' || hands === 'over';
  });
}

/** What lies in the sink by what it is of: "strip 1, Cullet". */
export function nameInSink(
  { name, sheet }: Lying,
  fired: readonly Fired[],
  prints: readonly { readonly id: string; readonly name: string }[],
): string {
  const thing = fired.find(({ id }) => id === sheet?.firedId)?.thing;
  const print = prints.find(({ id }) => id === thing)?.name;
  return print === undefined || name.includes(print) ? name : `${name}, ${print}`;
}

/** "Strip 1: on to Stop"; of film, whose run has a page of its own, "R-123: to its clock". */
export function sinkWords({ run, moment: { next } }: Lying, name: string): string {
  if (run) return `${shortName(name)}: to its clock`;
  return next
    ? `${shortName(name)}: on to ${stepKind(next.step.kind).name}`
    : `${shortName(name)}: take it out`;
}
