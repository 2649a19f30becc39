import { PrintDraft } from '$lib/contract/drafts.ts';
import { kept } from '$lib/server/kept.ts';
import { cookieNames } from '$lib/ui/cookie.ts';

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
  wantedTwelfths: 2,
  earlier: [],
  areas: [],
};

export function load({ cookies }) {
  return { draft: kept(cookies, cookieNames.print, PrintDraft) ?? emptyDraft };
}
