import { get, put, type Outcome } from '../../kit/client.ts';
import type { Proof, ProofBody, ProofSheet } from './contract.ts';

/** A proof that was exposed, and the roll whose frames lay on it. */
export interface ProofOf {
  readonly rollId: string;
  readonly rollTitle: string;
  readonly sheet: ProofSheet;
}

/** How often a proof that changed meanwhile is read anew and written again. */
const GOES = 3;

/** Writes a sheet to its roll's proof, which may have none yet; the same sheet again changes nothing. */
export async function sendSheet({ rollId, rollTitle, sheet }: ProofOf): Promise<Outcome<unknown>> {
  const path = `/api/v1/proofs/${rollId}`;
  let outcome: Outcome<unknown> = { value: undefined };
  for (let go = 0; go < GOES; go += 1) {
    const found = await get<Proof>(path);
    if (found.problem && found.problem.status !== 404) return found;
    const { name, frames, sheets = [] }: ProofBody = found.value ?? { name: rollTitle, frames: [] };
    if (sheets.some(({ id }) => id === sheet.id)) return { value: found.value };
    outcome = await put(path, { name, frames, sheets: [...sheets, sheet] }, found.value?.version);
    if (outcome.problem?.status !== 409) return outcome;
  }
  return outcome;
}
