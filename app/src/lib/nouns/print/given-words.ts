import { lampSwitches } from '@katachron/core';
import type { Sheet } from './sheet.ts';

/** "Whole sheet, 10.5 s, filter 2½; door, burned in, 3.2 s, filter 2½. By this screen.": the light that a sheet really got. */
export function givenWords(
  { firings, switchedBy }: Pick<Sheet, 'firings' | 'switchedBy'>,
  shown: (seconds: number) => string = String,
): string {
  const lines = firings.map(
    ({ hands, filter, seconds }) => `${hands}, ${shown(seconds)} s, ${filter}`,
  );
  const by = lampSwitches.find(({ id }) => id === switchedBy)?.name;
  return `${lines.join('; ')}.${by ? ` By ${by}.` : ''}`;
}
