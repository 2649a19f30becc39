import { cookieNames } from '$lib/kit/cookie.ts';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
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
    const [findings, last] = await Promise.all([shelfStores.findings.all(), printsInHand.last()]);
    const setup = own ?? proofSetup(last?.draft);
    return { what, findings, setup, bench: await benchFor(setup.paper) } as const;
  });
}
