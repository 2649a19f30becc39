import {
  calibrateSet,
  contrastSet,
  defaultPaper,
  layersFor,
  rangeLimits,
  spreadLayers,
  type ContrastSet,
  type ContrastSetId,
  type Paper,
} from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { called } from '../../words/called.ts';
import type { PaperBody } from './contract.ts';

/** What is known of a paper: the default until somebody measured it. */
export interface PaperFacts {
  readonly paper: Paper;
  readonly set: ContrastSet;
  /** As it stands on the shelf. */
  readonly kept?: PaperBody;
}

/** So near to the end of what a paper can be mixed to a setting is at that end, R. */
const ROUNDED = 1;

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

/** The facts of the paper that a name means. */
export function paperFacts(
  name: string,
  setId: ContrastSetId,
  papers: readonly PaperBody[],
): PaperFacts {
  const kept = called(papers, name);
  if (!kept) {
    return remembered(usual, setId, () => ({ paper: defaultPaper, set: contrastSet(setId) }));
  }
  const facts = known.get(kept) ?? new Map<ContrastSetId, PaperFacts>();
  known.set(kept, facts);
  return remembered(facts, setId, () => {
    const set =
      kept.contrastSetId === setId
        ? calibrateSet(contrastSet(setId), kept.settings)
        : contrastSet(setId);
    return { paper: paperOf(kept, set), set, kept };
  });
}

/**
 * The layers of a paper: as fitted, or the usual ones, and further apart where a setting was measured beyond them. Where no
 * layers reach so far, the usual ones stand: its page says so.
 */
export function paperOf(
  kept: Pick<PaperBody, 'dMin' | 'dMax' | 'layers'>,
  set: ContrastSet,
): Paper {
  const ranges = set.settings.map(({ range }) => range);
  const usual = { ...defaultPaper, dMin: kept.dMin, dMax: kept.dMax };
  const fitted =
    kept.layers && attempt(() => spreadLayers(kept, kept.layers!.slope, kept.layers!.span)).value;
  if (fitted && reaches(fitted, ranges)) return fitted;
  return attempt(() => layersFor(kept, ranges)).value ?? usual;
}

function reaches(paper: Paper, ranges: readonly number[]): boolean {
  const { hardest, softest } = rangeLimits(paper);
  return ranges.every((range) => range >= hardest - ROUNDED && range <= softest + ROUNDED);
}
