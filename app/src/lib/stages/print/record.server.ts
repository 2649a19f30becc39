import { bookPrint } from '../../nouns/bath/book.server.ts';
import type { InHand } from '../../nouns/in-hand/contract.ts';
import { PrintBody } from '../../nouns/print/contract.ts';
import { prints } from '../../nouns/print/store.server.ts';
import { fits } from '../../server/validation.ts';
import { recordOf } from './keep.ts';
import { benchFor } from './load.server.ts';
import { printView } from './print-view.ts';

/** Another device may write into the record in the same instant; so often it is tried again. */
const TRIES = 3;

/**
 * Writes the sheets of a print in hand into the logbook: by itself, as soon as one was exposed. A sheet that stands there
 * already keeps its set-up, whatever was changed on the bench since; a name that was given later is the record's too.
 */
export async function writeRecord({ id, draft }: InHand): Promise<void> {
  if (!draft.sheets?.length) return;
  const bench = await benchFor(draft.paper, id);
  for (let attempt = 1; ; attempt += 1) {
    const before = await prints.find(id);
    const record = recordOf(draft, printView(draft, bench), before);
    if (!record) return;
    const known = before?.sheets.map((sheet) => sheet.id) ?? [];
    const isNew = record.sheets.some((sheet) => !known.includes(sheet.id));
    const { version, id: _id, ...stood } = before ?? { version: undefined, id };
    const body = isNew ? record : { ...record, ...stood, title: record.title };
    // A set-up that no logbook could hold, as a timer in steps of a minute: the sheet waits on the bench until it is put right.
    if (!fits(PrintBody, body)) return;
    try {
      const { resource } = await prints.put(id, body, version);
      await bookPrint(resource);
      return;
    } catch (cause) {
      if (attempt === TRIES) throw cause;
    }
  }
}
