import type { Cookies } from '@sveltejs/kit';
import { PrintDraft } from '../contract/drafts.ts';
import { cookieNames } from '../ui/cookie.ts';
import { kept } from './kept.ts';
import { forPage } from './page.ts';
import { prints } from './repositories/prints.ts';
import { shelfStores } from './repositories/shelves.ts';

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

/** What every page about the print in hand begins with: the draft as it was left, and the bench it is made at. */
export async function printPage(cookies: Cookies) {
  const draft = kept(cookies, cookieNames.print, PrintDraft) ?? emptyDraft;
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
