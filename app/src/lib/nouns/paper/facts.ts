import {
  calibrateSet,
  contrastSet,
  defaultPaper,
  type ContrastSet,
  type ContrastSetId,
  type Paper,
} from '@katachron/core';
import type { PaperBody } from './contract.ts';

/** What is known of a paper: the default until somebody measured it. */
export interface PaperFacts {
  readonly paper: Paper;
  readonly set: ContrastSet;
  /** As it stands on the shelf. */
  readonly kept?: PaperBody;
}

/** Curves are kept by the identity of their paper, so a paper of the shelf is made up only once. */
const known = new WeakMap<PaperBody, Map<ContrastSetId, PaperFacts>>();
const usual = new Map<ContrastSetId, PaperFacts>();

function remembered<Key>(
  facts: Map<Key, PaperFacts>,
  key: Key,
  make: () => PaperFacts,
): PaperFacts {
  const found = facts.get(key) ?? make();
  facts.set(key, found);
  return found;
}

export const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The facts of the paper that a name means. */
export function paperFacts(
  name: string,
  setId: ContrastSetId,
  papers: readonly PaperBody[],
): PaperFacts {
  const kept = papers.find((paper) => sameName(paper.name, name));
  if (!kept) {
    return remembered(usual, setId, () => ({ paper: defaultPaper, set: contrastSet(setId) }));
  }
  const facts = known.get(kept) ?? new Map<ContrastSetId, PaperFacts>();
  known.set(kept, facts);
  return remembered(facts, setId, () => ({
    paper: { ...defaultPaper, dMin: kept.dMin, dMax: kept.dMax },
    set:
      kept.contrastSetId === setId
        ? calibrateSet(contrastSet(setId), kept.settings)
        : contrastSet(setId),
    kept,
  }));
}
