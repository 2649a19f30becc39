import { forPage } from '$lib/server/page.ts';
import { printPage } from '$lib/server/print-page.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';

export async function load({ cookies, depends }) {
  depends('katachron:findings');
  const findings = await forPage(() => shelfStores.findings.all());
  return { findings, ...(await printPage(cookies)) };
}
