import { forPage } from '$lib/server/page.ts';
import { printsOfRoll } from '$lib/stages/logbook/history.server.ts';
import { load as loadRun } from '../../../film/run/[id]/+page.server.ts';

export async function load(event: Parameters<typeof loadRun>[0]) {
  const { run } = await loadRun(event);
  return { run, prints: await forPage(() => printsOfRoll(run.roll)) };
}
