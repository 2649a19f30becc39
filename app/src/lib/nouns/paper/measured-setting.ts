import { contrastSet } from '@katachron/core';
import { called } from '../../words/called.ts';
import type { PaperBody } from './contract.ts';

/** A setting that was measured on a paper. */
export type MeasuredSetting = PaperBody['settings'][number] & { readonly name: string };

/** What a paper of the shelf was found to be at a setting that somebody names in words: "filter 2½", "2.5", "grade 3". */
export function measuredSetting(
  papers: readonly PaperBody[],
  paper: string,
  typed: string,
): MeasuredSetting | undefined {
  const kept = called(papers, paper);
  const meant = kept && namedSetting(kept.contrastSetId, typed);
  const found = kept?.settings.find(({ id }) => id === meant?.id);
  return found && meant && { ...found, name: meant.name };
}

/** The setting of a set that was meant: its id or its name, however it is written. */
export function namedSetting(setId: PaperBody['contrastSetId'], typed: string) {
  const plain = (words: string) =>
    words
      .toLowerCase()
      .replace(/^(filter|grade)\s*/, '')
      .trim();
  return contrastSet(setId).settings.find(
    ({ id, name }) => plain(id) === plain(typed) || plain(name) === plain(typed),
  );
}
