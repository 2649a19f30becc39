import { forPage } from '$lib/server/page.ts';
import { printPage } from '$lib/server/print-page.ts';
import { rolls } from '$lib/server/repositories/rolls.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';

export async function load({ cookies, depends }) {
  depends('katachron:findings');
  const [findings, proofs, developed] = await forPage(() =>
    Promise.all([shelfStores.findings.all(), shelfStores.proofs.all(), rolls.developed()]),
  );
  return { findings, proofs, rolls: developed, ...(await printPage(cookies)) };
}
