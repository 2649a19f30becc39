import type { StepKindId } from '@katachron/core';
import type { BathUseId } from './uses.ts';

/** Where a film or a sheet goes through a bath: the steps that share one. */
interface BathPlace {
  readonly id: string;
  /** As it stands in a sentence: "out of the fix". */
  readonly name: string;
  readonly medium: 'film' | 'paper';
  readonly use: BathUseId;
  readonly kinds: readonly StepKindId[];
}

/** Every place that a bath stands in, in the order of the process. */
export const bathPlaces = [
  {
    ...{ id: 'developer', name: 'developer', medium: 'film', use: 'film-developer' },
    kinds: ['developer'],
  },
  {
    ...{ id: 'second-developer', name: 'second bath', medium: 'film', use: 'film-developer' },
    kinds: ['second-developer'],
  },
  { id: 'stop', name: 'stop', medium: 'film', use: 'stop', kinds: ['stop'] },
  { id: 'fix', name: 'fix', medium: 'film', use: 'fixer', kinds: ['fix'] },
  { id: 'second-fix', name: 'second fix', medium: 'film', use: 'fixer', kinds: ['second-fix'] },
  {
    ...{ id: 'washing-aid', name: 'washing aid', medium: 'film', use: 'washing-aid' },
    kinds: ['washing-aid'],
  },
  {
    ...{ id: 'wetting-agent', name: 'wetting agent', medium: 'film', use: 'wetting-agent' },
    kinds: ['wetting-agent'],
  },
  {
    ...{ id: 'print-developer', name: 'developer', medium: 'paper', use: 'paper-developer' },
    kinds: ['print-developer'],
  },
  { id: 'print-stop', name: 'stop', medium: 'paper', use: 'stop', kinds: ['print-stop'] },
  {
    ...{ id: 'print-fix', name: 'fix', medium: 'paper', use: 'fixer' },
    kinds: ['print-short-fix', 'print-fix'],
  },
  {
    ...{ id: 'print-second-fix', name: 'second fix', medium: 'paper', use: 'fixer' },
    kinds: ['print-second-fix'],
  },
  {
    ...{ id: 'print-washing-aid', name: 'washing aid', medium: 'paper', use: 'washing-aid' },
    kinds: ['print-washing-aid'],
  },
  {
    ...{ id: 'drum-developer', name: 'colour developer', medium: 'paper' },
    ...{ use: 'colour-developer', kinds: ['drum-developer'] },
  },
  {
    ...{ id: 'drum-bleach-fix', name: 'bleach-fix', medium: 'paper', use: 'bleach-fix' },
    kinds: ['drum-bleach-fix'],
  },
  { id: 'print-toner', name: 'toner', medium: 'paper', use: 'toner', kinds: ['print-toner'] },
] as const satisfies readonly BathPlace[];
export type BathPlaceId = (typeof bathPlaces)[number]['id'];

/** A place by its id. */
export const bathPlace = (id: BathPlaceId): BathPlace =>
  bathPlaces.find((place) => place.id === id)!;
