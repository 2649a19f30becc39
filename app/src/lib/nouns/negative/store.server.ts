import { rolls } from '../roll/store.server.ts';
import { shelfStores } from '../shelves.server.ts';
import { framePart } from '../proof/cells.ts';
import type { Negative } from './contract.ts';
import { negativesOf, offered } from './offer.ts';

/** A few negatives for words as they are typed; with none, those that were rated to be printed. */
export async function negativesFor(typed: string): Promise<Negative[]> {
  const [developed, proofs] = await Promise.all([rolls.developed(), shelfStores.proofs.all()]);
  return offered(negativesOf(developed, proofs), typed).map(
    ({ frame: { proof, number }, ...negative }) => {
      const part = framePart(proof?.picture, number);
      return {
        ...negative,
        ...(part?.corners && { picture: { id: part.id, corners: [...part.corners] } }),
      };
    },
  );
}
