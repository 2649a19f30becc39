import { cookieNames } from '$lib/kit/cookie.ts';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { kept } from '$lib/server/kept.ts';
import { forPage } from '$lib/server/page.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';
import { ProofSetup } from '$lib/stages/print/proof-setup.ts';
import { proofSetup } from '$lib/stages/print/proof-draft.ts';

export function load({ cookies, url }) {
  const what = url.searchParams.get('what') === 'sheet' ? 'proof-sheet' : 'proof-strip';
  const own = kept(cookies, cookieNames.proof, ProofSetup);
  return forPage(async () => {
    const [findings, last, developed] = await Promise.all([
      shelfStores.findings.all(),
      printsInHand.last(),
      rolls.developed(),
    ]);
    const setup = own ?? proofSetup(last?.draft);
    return { what, findings, rolls: developed, setup, bench: await benchFor(setup.paper) } as const;
  });
}
