import { forPage } from '$lib/server/page.ts';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { kept } from '$lib/server/kept.ts';
import { cookieNames } from '$lib/kit/cookie.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';
import { ProofSetup } from '$lib/stages/print/proof-setup.ts';
import { proofSetup } from '$lib/stages/print/proof-draft.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ cookies, depends }) {
  depends('katachron:findings');
  const own = kept(cookies, cookieNames.proof, ProofSetup);
  return forPage(async () => {
    const [findings, proofs, developed, last] = await Promise.all([
      shelfStores.findings.all(),
      shelfStores.proofs.all(),
      rolls.developed(),
      printsInHand.last(),
    ]);
    const setup = own ?? proofSetup(last?.draft);
    return { findings, proofs, rolls: developed, setup, bench: await benchFor(setup.paper) };
  });
}
