import { Refusal, type BathState } from '@katachron/core';
import type { Bath, BathBody } from './contract.ts';
import type { KeptEntry } from './ledger.ts';

const MOST_NAME = 80;
const SECOND = ', second bottle';

/** Ids for all that a split writes: sent again, it is the same split. */
export interface SplitIds {
  readonly bath: string;
  readonly film: string;
  readonly paper: string;
  readonly out: string;
}

/** A bath in two bottles: the other bottle, what went through it before as its share of it, and what left the first. */
export interface Split {
  readonly other: BathBody;
  readonly carried: readonly KeptEntry[];
  readonly out: KeptEntry;
}

/**
 * Splits a bath into two bottles.
 * @throws Refusal unless both bottles get something
 */
export function splitBath(
  bath: Bath,
  state: Pick<BathState, 'volumeMl' | 'filmCm2' | 'paperCm2'>,
  volumeMl: number,
  ids: SplitIds,
  atMs: number,
): Split {
  if (!(volumeMl > 0 && volumeMl < state.volumeMl)) {
    throw new Refusal('volume', '', 'Less than there is goes into the other bottle.');
  }
  const { id: _id, version: _version, bottleMl: _bottle, discardedAtMs: _end, ...body } = bath;
  const share = volumeMl / state.volumeMl;
  const name = bath.name.slice(0, MOST_NAME - SECOND.length) + SECOND;
  const from = { id: bath.id, name: bath.name };
  const carry = (kind: 'film' | 'paper', areaCm2: number): KeptEntry[] =>
    areaCm2 === 0
      ? []
      : [{ id: ids[kind], other: from, entry: { kind, atMs, areaCm2: areaCm2 * share } }];
  return {
    other: { ...body, name, volumeMl },
    carried: [...carry('film', state.filmCm2), ...carry('paper', state.paperCm2)],
    out: {
      ...{ id: ids.out, other: { id: ids.bath, name } },
      entry: { kind: 'taken-out', atMs, volumeMl },
    },
  };
}
