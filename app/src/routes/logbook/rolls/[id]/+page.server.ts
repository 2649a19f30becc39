import { frameParts } from '$lib/nouns/proof/cells.ts';
import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { printsOfRoll } from '$lib/stages/logbook/history.server.ts';
import { load as loadRun } from '../../../film/run/[id]/+page.server.ts';

export async function load(event: Parameters<typeof loadRun>[0]) {
  const { run } = await loadRun(event);
  const [prints, proof] = await forPage(() =>
    Promise.all([printsOfRoll(run.roll), shelfStores.proofs.find(run.roll.id)]),
  );
  return { run, prints, parts: Object.fromEntries(frameParts(proof?.picture)) };
}
