import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { prints } from '$lib/nouns/print/store.server.ts';
import { forPage } from '$lib/server/page.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';

export function load() {
  return forPage(async () => {
    const [latest, inHand, bench] = await Promise.all([
      prints.latest(),
      printsInHand.all(),
      benchFor(''),
    ]);
    // What lies in hand is looked at there: its record is written from the bench.
    const held = new Set(inHand.map(({ id }) => id));
    return { prints: latest.filter(({ id }) => !held.has(id)), bench };
  });
}
