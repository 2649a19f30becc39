import { PrintDraft } from '$lib/contract/drafts.ts';
import { kept } from '$lib/server/kept.ts';
import { forPage } from '$lib/server/page.ts';
import { prints } from '$lib/server/repositories/prints.ts';
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
  certainty: 'work-print',
  earlier: [],
  areas: [],
};

export async function load({ cookies, depends }) {
  depends('katachron:print');
  const draft = kept(cookies, cookieNames.print, PrintDraft) ?? emptyDraft;
  return { draft, evidence: await forPage(() => prints.ofPaper(draft.paper)) };
}
