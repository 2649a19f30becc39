import { forPage } from '$lib/server/page.ts';
import { printPage } from '$lib/stages/print/load.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ cookies, depends }) {
  depends('katachron:findings');
  const findings = await forPage(() => shelfStores.findings.all());
  return { findings, ...(await printPage(cookies)) };
}
