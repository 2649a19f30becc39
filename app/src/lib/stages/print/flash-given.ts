import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { findingSetup, setupDifferences } from './findings.ts';
import type { Bench } from './setup-now.ts';

/** The threshold that a flash is a share of, where one was found for the set-up; and what is said about it. */
export interface FlashGiven {
  readonly threshold?: { readonly seconds: number; readonly settingId: string };
  readonly given: string;
}

/** A flash is made with the light that its threshold was found with, whatever the print itself is made with. */
export function flashGiven(
  draft: PrintDraft,
  { findings, ...shelves }: Pick<Bench, 'findings' | 'papers' | 'enlargers'>,
  timerStep: number,
): FlashGiven {
  const found = findings
    .filter(
      ({ kind, setup }) =>
        kind === 'flash-threshold' &&
        setupDifferences(setup, { ...findingSetup(draft), settingId: setup.settingId }, shelves)
          .length === 0,
    )
    .sort((a, b) => b.foundAtMs - a.foundAtMs)[0];
  if (!found) {
    return {
      given:
        'No threshold was found for this set-up yet: the Flash page finds it. Until then the print is fired without its flash.',
    };
  }
  return {
    threshold: { seconds: found.seconds, settingId: found.setup.settingId },
    given: `The threshold here is ${enlargerSeconds(found.seconds, timerStep)} s.`,
  };
}
