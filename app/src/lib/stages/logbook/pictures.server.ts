import type { Part } from '../../nouns/picture/part.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { framePart } from '../../nouns/proof/cells.ts';
import { readNegativeName, rollNumber } from '../../nouns/negative/name.ts';
import { sameName } from '../../words/same-name.ts';
import { photographed } from '../../nouns/proof/store.server.ts';
import type { LogbookEntry } from './store.server.ts';

/** The small picture that a print has of its own: one of the print itself, as it was squared up. */
export function ownPart({ picture }: Print): Part | undefined {
  if (picture?.of !== 'print') return undefined;
  const { id, corners, mirrored } = picture;
  return { id, corners, mirrored };
}

/** The small pictures of entries, by the id of each: a print's own or its frame's on the proof, and a roll's whole proof. */
export async function picturesOf(entries: readonly LogbookEntry[]): Promise<Record<string, Part>> {
  const negatives = entries.flatMap(({ kind, entry }) =>
    kind === 'print' && !ownPart(entry) ? (readNegativeName(entry.setup.negative)?.roll ?? []) : [],
  );
  const proofs = await photographed(
    entries.flatMap(({ kind, entry }) => (kind === 'roll' ? entry.id : [])),
    negatives,
  );
  const found = entries.flatMap((line): [string, Part][] => {
    const { id } = line.entry;
    if (line.kind === 'roll') {
      const picture = proofs.find((proof) => proof.id === id)?.picture;
      return picture ? [[id, { id: picture.id, corners: picture.corners }]] : [];
    }
    const own = ownPart(line.entry);
    if (own) return [[id, own]];
    const negative = readNegativeName(line.entry.setup.negative);
    if (!negative) return [];
    const proof = proofs.find(({ name }) => sameName(rollNumber(name), negative.roll));
    const part = framePart(proof?.picture, negative.frame);
    return part ? [[id, part]] : [];
  });
  return Object.fromEntries(found);
}
