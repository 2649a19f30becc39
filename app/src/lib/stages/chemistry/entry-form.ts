import { Refusal, bathTests, filmArea, type BathTestId, type FilmFormatId } from '@katachron/core';
import { needed, within } from '../../kit/form.ts';
import type { KeptEntry } from '../../nouns/bath/ledger.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { parseReading, type Reads } from '../../words/reading.ts';
import { readVolume, type VolumeUnit } from '../../words/volume.ts';

/** What may have happened to a bath, as it is chosen. */
export const happenings = [
  { id: 'film', name: 'film went through it', more: 'by the formats and how many' },
  { id: 'paper', name: 'prints went through it', more: 'by their size and how many' },
  { id: 'topped-up', name: 'it was topped up', more: 'fresh solution on top' },
  { id: 'replenished', name: 'it was replenished', more: 'some poured off, as much fresh put in' },
  { id: 'taken-out', name: 'some was taken out', more: 'into another bottle, or poured away' },
  {
    id: 'split',
    name: 'it was split into two bottles',
    more: 'the other bottle is a bath of its own, and knows what went through it',
  },
  {
    id: 'handed-in',
    name: 'spent solution was handed in',
    more: 'how much, and where: the record that a local rule may ask for',
  },
  { id: 'tested', name: 'it was tested', more: 'and passed or failed' },
  { id: 'read', name: 'a thermometer was in it', more: 'its tray in the sink says what it reads' },
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
  /** What it reads. */
  temperature: string;
  test: BathTestId;
  passed: 'passed' | 'failed';
}

export const usualEntry = (): EntryForm => ({
  ...{ kind: 'film', format: 'small-36', count: '1', width: '20.3', height: '25.4' },
  ...{ volume: '', temperature: '', where: '', test: bathTests[0].id, passed: 'passed' },
});

/** What was typed of an entry. */
type EntryRead = Pick<KeptEntry, 'entry' | 'note' | 'load' | 'sheets'>;

/** Reads the form: the entry with what it is of, or what is wrong. */
export function readEntry(
  form: EntryForm,
  unit: VolumeUnit,
  atMs: number,
  { unit: degreesIn, thermometer }: Reads = { unit: 'C' },
): Attempt<EntryRead> {
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
  const ofVolume = (kind: 'topped-up' | 'replenished' | 'taken-out') => (): EntryRead => ({
    entry: { kind, atMs, volumeMl: volumeMl() },
  });
  /** How each of what may have happened is read. */
  const readers: { readonly [Kind in HappeningId]: () => EntryRead } = {
    film: () => {
      const load = [{ format: form.format, count: counted() }];
      return { load, entry: { kind: 'film', atMs, areaCm2: filmArea(load) } };
    },
    paper: () => {
      const [count, widthCm, heightCm] = [counted(), side(form.width), side(form.height)];
      return {
        sheets: { count, widthCm, heightCm },
        entry: { kind: 'paper', atMs, areaCm2: count * widthCm * heightCm },
      };
    },
    'topped-up': ofVolume('topped-up'),
    replenished: ofVolume('replenished'),
    'taken-out': ofVolume('taken-out'),
    'handed-in': () => ({
      note: needed(form.where, 'Type where it was handed in.'),
      entry: { kind: 'handed-in', atMs, volumeMl: volumeMl() },
    }),
    // The other bottle is made of it by the page.
    split: ofVolume('taken-out'),
    read: () => ({
      entry: {
        kind: 'read',
        atMs,
        temperatureC: parseReading(form.temperature, degreesIn, thermometer),
      },
    }),
    tested: () => ({
      entry: { kind: 'tested', atMs, test: form.test, passed: form.passed === 'passed' },
    }),
  };
  return attempt(readers[form.kind]);
}
