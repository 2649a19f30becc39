import type { Print } from '../../nouns/print/contract.ts';
import { negativeName, readNegativeName } from '../../nouns/negative/name.ts';
import { sameName } from '../../words/same-name.ts';
import type { Roll } from '../../nouns/roll/contract.ts';
import { everything } from '../../nouns/logbook/asked.ts';
import { logbookPage } from './store.server.ts';

/** A print of one of a roll's frames. */
export interface PrintOfRoll {
  readonly id: string;
  readonly title: string;
  readonly frame: number;
  readonly madeAtMs: number;
  readonly sheets: number;
}

/** The newest prints of a roll's frames, by the frame. */
export async function printsOfRoll(roll: Pick<Roll, 'title'>): Promise<PrintOfRoll[]> {
  const number = readNegativeName(negativeName(roll, 1))?.roll ?? '';
  const { entries } = await logbookPage({ ...everything, words: number, kind: 'print' });
  return entries
    .flatMap((entry): PrintOfRoll[] => {
      if (entry.kind !== 'print') return [];
      const { id, title, setup, madeAtMs, sheets } = entry.entry;
      const frame = readNegativeName(setup.negative)?.frame;
      if (frame === undefined || !sameName(setup.negative, negativeName(roll, frame))) return [];
      return [{ id, title, frame, madeAtMs, sheets: sheets.length }];
    })
    .sort((a, b) => a.frame - b.frame || b.madeAtMs - a.madeAtMs);
}

/** The roll that a print's negative is a frame of, where it stands in the logbook. */
export async function rollOfPrint({
  setup: { negative },
}: Pick<Print, 'setup'>): Promise<{ id: string; title: string } | undefined> {
  const read = readNegativeName(negative);
  if (!read) return undefined;
  const { entries } = await logbookPage({ ...everything, words: read.roll, kind: 'roll' });
  const found = entries.find(
    ({ kind, entry }) => kind === 'roll' && sameName(negativeName(entry, read.frame), negative),
  );
  return found && { id: found.entry.id, title: found.entry.title };
}
