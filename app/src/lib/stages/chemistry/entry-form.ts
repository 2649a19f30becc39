import {
  Refusal,
  bathTests,
  filmFormat,
  type BathTestId,
  type FilmFormatId,
} from '@katachron/core';
import { needed, within } from '../../kit/form.ts';
import type { BathEntry } from '../../nouns/bath/ledger.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { readVolume, type VolumeUnit } from '../../words/volume.ts';

/** What may have happened to a bath, as it is chosen. */
export const happenings = [
  { id: 'film', name: 'film went through it', more: 'by the formats and how many' },
  { id: 'paper', name: 'prints went through it', more: 'by their size and how many' },
  { id: 'topped-up', name: 'it was topped up', more: 'fresh solution on top' },
  { id: 'replenished', name: 'it was replenished', more: 'some poured off, as much fresh put in' },
  { id: 'taken-out', name: 'some was taken out', more: 'into another bottle, or poured away' },
  {
    id: 'handed-in',
    name: 'spent solution was handed in',
    more: 'how much, and where: the record that a local rule may ask for',
  },
  { id: 'tested', name: 'it was tested', more: 'and passed or failed' },
] as const;
export type HappeningId = (typeof happenings)[number]['id'];

/** An entry as it is being typed. */
export interface EntryForm {
  kind: HappeningId;
  format: FilmFormatId;
  count: string;
  width: string;
  height: string;
  volume: string;
  /** Where spent solution was handed in. */
  where: string;
  test: BathTestId;
  passed: 'passed' | 'failed';
}

export const usualEntry = (): EntryForm => ({
  ...{ kind: 'film', format: 'small-36', count: '1', width: '20.3', height: '25.4' },
  ...{ volume: '', where: '', test: bathTests[0].id, passed: 'passed' },
});

/** Reads the form: the entry with its words, or what is wrong. */
export function readEntry(
  form: EntryForm,
  unit: VolumeUnit,
  atMs: number,
): Attempt<{ readonly entry: BathEntry; readonly note?: string }> {
  const counted = () => {
    const count = within(form.count, 'Type how many, for example 2.', 1, 1000);
    if (!Number.isInteger(count)) throw new Refusal('count', '', 'Count them whole.');
    return count;
  };
  const side = (text: string) =>
    within(text, 'Type the sides of the print in cm, for example 20.3 and 25.4.', 1, 300);
  const volumeMl = () =>
    readVolume(form.volume, {
      ...{ unit, what: 'how much', usualMl: 500, leastMl: 1, mostMl: 100_000 },
    });
  type Read = { readonly entry: BathEntry; readonly note?: string };
  const ofVolume = (kind: 'topped-up' | 'replenished' | 'taken-out') => (): Read => ({
    entry: { kind, atMs, volumeMl: volumeMl() },
  });
  /** How each of what may have happened is read. */
  const readers: { readonly [Kind in HappeningId]: () => Read } = {
    film: () => {
      const { name, areaCm2 } = filmFormat(form.format);
      const count = counted();
      return {
        note: `${count} × ${name}`,
        entry: { kind: 'film', atMs, areaCm2: count * areaCm2 },
      };
    },
    paper: () => {
      const [count, width, height] = [counted(), side(form.width), side(form.height)];
      return {
        note: `${count} × ${width} × ${height} cm`,
        entry: { kind: 'paper', atMs, areaCm2: count * width * height },
      };
    },
    'topped-up': ofVolume('topped-up'),
    replenished: ofVolume('replenished'),
    'taken-out': ofVolume('taken-out'),
    'handed-in': () => ({
      note: needed(form.where, 'Type where it was handed in.'),
      entry: { kind: 'handed-in', atMs, volumeMl: volumeMl() },
    }),
    tested: () => ({
      entry: { kind: 'tested', atMs, test: form.test, passed: form.passed === 'passed' },
    }),
  };
  return attempt(readers[form.kind]);
}
