import { forPage } from '$lib/server/page.ts';
import { printPage } from '$lib/stages/print/load.server.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ cookies, depends }) {
  depends('katachron:findings');
  const [findings, proofs, developed] = await forPage(() =>
    Promise.all([shelfStores.findings.all(), shelfStores.proofs.all(), rolls.developed()]),
  );
  return { findings, proofs, rolls: developed, ...(await printPage(cookies)) };
}
