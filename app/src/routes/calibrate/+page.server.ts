import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load() {
  return {
    nowMs: Date.now(),
    calibrations: await forPage(() => shelfStores.calibrations.all()),
  };
}
