import {
  castStrengths,
  casts,
  channels,
  type ColourHead,
  type FilterPack,
  usualColourHead,
} from '@katachron/core';
import { format } from 'date-fns';
import { plainStops, stopsInWords } from '../../words/fraction.ts';
import type { EnlargerBody } from '../enlarger/contract.ts';
import { called } from '../../words/called.ts';
import type { ColourTest } from './contract.ts';

/** A unit as a head can be set: "46.5", "44". */
const unitsShown = (units: number) => String(Number(units.toFixed(1)));

/** "C 0 M 44 Y 58". */
export const packWords = (pack: FilterPack): string =>
  channels.map(({ id, letter }) => `${letter} ${unitsShown(pack[id])}`).join(' ');

/** "+5 M +5 Y": a change of a pack; nothing where nothing changes. */
export const changeWords = (change: FilterPack): string =>
  channels
    .filter(({ id }) => Math.abs(change[id]) >= 0.05)
    .map(({ id, letter }) => {
      const sign = change[id] > 0 ? '+' : '−';
      return `${sign}${unitsShown(Math.abs(change[id]))} ${letter}`;
    })
    .join(' ');

/** The head of an enlarger by its name: measured where its thing of the shelf says so. */
export function headFor(
  name: string,
  enlargers: readonly EnlargerBody[],
): { readonly head: ColourHead; readonly measured: boolean } {
  const own = called(enlargers, name)?.colourHead;
  return own ? { head: own, measured: true } : { head: usualColourHead, measured: false };
}

/** "slightly red, ¼ stop more light": what was seen, in words. */
export function verdictWords({ verdict, ring }: ColourTest): string {
  if (!verdict) return '';
  const { cast, position, stops = 0, thought } = verdict;
  const strength = castStrengths.find(({ id }) => id === cast?.strength)?.name ?? '';
  const name = casts.find(({ id }) => id === cast?.id)?.name;
  const picked =
    ring && position !== undefined
      ? Number.isInteger(position)
        ? `patch ${position + 1}`
        : `between patch ${Math.ceil(position)} and ${Math.ceil(position) + 1}`
      : '';
  const seen = ring ? picked : name ? `${strength} ${name}` : 'no cast';
  const light =
    plainStops(stops) === '0' ? '' : `${stopsInWords(stops)} ${stops > 0 ? 'more' : 'less'} light`;
  return [seen, light, thought.replace(/\.$/, '')].filter(Boolean).join('; ');
}

const ringWords = ({ ring }: ColourTest): string =>
  ring ? `ring-around, ${channels.find(({ id }) => id === ring.channel)?.name ?? 'time'}` : '';

/** All that the lab book says of a sheet, besides its pack and time. */
export const sheetWords = (test: ColourTest): string =>
  [
    ...[ringWords(test), test.box, verdictWords(test) || 'not judged yet'],
    format(test.atMs, 'd MMMM yyyy, HH:mm'),
  ]
    .filter(Boolean)
    .join('; ');
