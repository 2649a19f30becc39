import { contrastSet } from '@katachron/core';
import type { Cookies } from '@sveltejs/kit';
import { PrintDraft } from './draft.ts';
import { cookieNames } from '../../kit/cookie.ts';
import { kept } from '../../server/kept.ts';
import { forPage } from '../../server/page.ts';
import { prints } from '../../nouns/print/store.server.ts';
import { shelfStores } from '../../nouns/shelves.server.ts';

const emptyDraft: PrintDraft = {
  title: '',
  negative: '',
  enlarger: '',
  lens: '',
  head: '',
  paper: '',
  contrastSetId: 'filters',
  settingId: '2',
  lag: '0',
  timerStep: '0.1',
  kind: 'stops',
  method: 'cover-up',
  first: '4',
  step: '½',
  patches: '7',
  highlight: null,
  highlightTone: 'VIII',
  shadow: null,
  shadowTone: 'II',
  certainty: 'work-print',
  earlier: [],
  areas: [],
};

/** A pair of settings that the set does not have (any more) is no pair. */
function withKnownSplit(draft: PrintDraft): PrintDraft {
  const { split, ...rest } = draft;
  const { settings } = contrastSet(draft.contrastSetId);
  const known = (id: string) => settings.some((setting) => setting.id === id);
  return !split || (known(split.soft) && known(split.hard)) ? draft : rest;
}

/** What every page about the print in hand begins with: the draft as it was left, and the bench it is made at. */
export async function printPage(cookies: Cookies) {
  const draft = withKnownSplit(kept(cookies, cookieNames.print, PrintDraft) ?? emptyDraft);
  const bench = await forPage(async () => {
    const [evidence, enlargers, papers] = await Promise.all([
      prints.ofPaper(draft.paper),
      shelfStores.enlargers.all(),
      shelfStores.papers.all(),
    ]);
    return { evidence, enlargers, papers };
  });
  return { draft, bench };
}
