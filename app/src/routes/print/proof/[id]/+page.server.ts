import { sheetPlan } from '@katachron/core';
import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { beginPrint } from '$lib/stages/print/begin-print.ts';
import { benchFor } from '$lib/stages/print/load.server.ts';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { trayEventsOf } from '$lib/nouns/print/trays.server.ts';
import { trayWords } from '$lib/nouns/print/tray-words.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

export async function load({ params }) {
  const id = pageId(params, 'roll');
  const [roll, proof, last] = await forPage(() =>
    Promise.all([rolls.find(id), shelfStores.proofs.find(id), printsInHand.last()]),
  );
  if (!roll) error(404, 'There is no roll with this id.');
  const trays = await forPage(() => trayEventsOf((proof?.sheets ?? []).map((sheet) => sheet.id)));
  const plan = sheetPlan('print');
  return {
    ...{
      roll,
      proof,
      begun: beginPrint(last?.draft, await forPage(() => benchFor(last?.draft.paper ?? ''))),
    },
    trays: Object.fromEntries(
      Object.entries(trays).map(([sheet, events]) => [sheet, trayWords(plan, events)]),
    ),
  };
}
