import { filmFormats, type FilmLoad } from '@katachron/core';
import type { Roll } from '../../nouns/roll/contract.ts';
import { formatOf } from './tonight-view.ts';

/** What the hands will have in the dark. */
export interface LoadInHand {
  readonly load: readonly FilmLoad[] | undefined;
  readonly name: string;
  /** Ids of the rolls. */
  readonly rolls: readonly string[];
  /** Codes of the holders, as they were exposed. */
  readonly holders: readonly string[];
}

const SHEETS = ['four-by-five', 'five-by-seven', 'eight-by-ten'];

/** What rolls that go into the tank together come to: so many of each format, and their holders. */
export function loadOf(rolls: readonly Roll[]): LoadInHand {
  const formats = rolls.map(formatOf);
  const load = filmFormats.flatMap(({ id: format }) => {
    const count = formats.filter((one) => one === format).length;
    return count > 0 ? [{ format, count }] : [];
  });
  const holders = rolls
    .filter((roll) => SHEETS.includes(formatOf(roll)))
    .flatMap(({ exposed }) => exposed?.frames.map(({ mark }) => mark) ?? []);
  return {
    load: load.length > 0 ? load : undefined,
    name: rolls.map(({ title }) => title).join(' · '),
    rolls: rolls.map(({ id }) => id),
    holders,
  };
}
