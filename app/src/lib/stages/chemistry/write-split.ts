import { put } from '../../kit/client.ts';
import { newId } from '../../kit/new-id.ts';
import type { Problem } from '../../kit/problem.ts';
import type { Bath } from '../../nouns/bath/contract.ts';
import type { KeptEntry } from '../../nouns/bath/ledger.ts';
import { splitBath, type Split, type SplitIds } from '../../nouns/bath/split.ts';
import { stateOf } from '../../nouns/bath/state.ts';

/** A split that is being written: sent again after a lost answer it is the same one. */
export interface SplitToWrite extends Split {
  readonly from: string;
  readonly ids: SplitIds;
}

/**
 * The split of a bath at an instant.
 * @throws Refusal as `splitBath`
 */
export function splitNow(
  bath: Bath,
  entries: readonly KeptEntry[],
  volumeMl: number,
  nowMs: number,
): SplitToWrite {
  const ids = { bath: newId(), film: newId(), paper: newId(), out: newId() };
  const state = stateOf(bath, entries, nowMs)?.value ?? { volumeMl: 0, filmCm2: 0, paperCm2: 0 };
  return { from: bath.id, ids, ...splitBath(bath, state, volumeMl, ids, nowMs) };
}

/** Writes the other bottle with what it brings along, and then takes it out of the first: each of them once. */
export async function writeSplit({
  from,
  ids,
  other,
  carried,
  out,
}: SplitToWrite): Promise<Problem | undefined> {
  const steps = [
    () => put(`/api/v1/baths/${ids.bath}`, other),
    ...carried.map((entry) => () => put(`/api/v1/baths/${ids.bath}/entries/${entry.id}`, entry)),
    () => put(`/api/v1/baths/${from}/entries/${out.id}`, out),
  ];
  for (const step of steps) {
    const { problem } = await step();
    if (problem) return problem;
  }
  return undefined;
}
