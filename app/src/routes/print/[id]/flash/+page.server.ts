import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ depends }) {
  depends('katachron:findings');
  return { findings: await forPage(() => shelfStores.findings.all()) };
}
