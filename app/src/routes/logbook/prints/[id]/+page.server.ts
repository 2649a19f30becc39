import { error } from '@sveltejs/kit';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { prints } from '$lib/nouns/print/store.server.ts';
import { called } from '$lib/words/called.ts';
import { trayEventsOf } from '$lib/nouns/print/trays.server.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { rollOfPrint } from '$lib/stages/logbook/history.server.ts';
import { picturesOf } from '$lib/stages/logbook/pictures.server.ts';
import { trayWords, traysOf } from '$lib/nouns/print/tray-words.ts';
import { forPage, pageId } from '$lib/server/page.ts';

export async function load({ params }) {
  const id = pageId(params, 'print');
  const [print, inHand] = await forPage(() =>
    Promise.all([prints.find(id), printsInHand.find(id)]),
  );
  if (!print) error(404, 'There is no print with this id.');
  const [trays, papers, roll, parts] = await forPage(() =>
    Promise.all([
      trayEventsOf(print.sheets.map((sheet) => sheet.id)),
      shelfStores.papers.all(),
      rollOfPrint(print),
      picturesOf([{ kind: 'print', entry: print }]),
    ]),
  );
  const base = called(papers, print.setup.paper)?.base;
  return {
    ...{ print, inHand, roll: roll ?? null, picture: parts[id] ?? null },
    trays: Object.fromEntries(
      Object.entries(trays).map(([sheet, events]) => [
        sheet,
        trayWords(traysOf(base, events), events),
      ]),
    ),
  };
}
