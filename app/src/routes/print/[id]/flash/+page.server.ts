import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ depends }) {
  depends('katachron:findings');
  const [findings, calibrations] = await forPage(() =>
    Promise.all([shelfStores.findings.all(), shelfStores.calibrations.all()]),
  );
  return { findings, tests: calibrations.filter(({ kind }) => kind === 'flash-threshold') };
}
