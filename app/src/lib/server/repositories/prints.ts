import { contrastSet } from '@katachron/core';
import type { Print, PrintBody } from '../../contract/print.ts';
import { models, type PrintRow } from '../database/models.ts';
import { searchWords } from './search-words.ts';
import { versionedStore } from './versioned.ts';

const resource = ({ id, version, body }: PrintRow): Print => ({ id, version, ...body });

/** All that a print is found by. */
function foundBy({ title, setup, settingId, areas, note }: PrintBody): string {
  const { noun } = contrastSet(setup.contrastSetId);
  const all = [
    ...['print', title, setup.negative, setup.paper, setup.enlarger, setup.lens],
    ...[`${noun} ${settingId}`, ...areas.map((area) => area.name), note],
  ];
  return searchWords(all.join(' ')).join(' ');
}

/** Prints in the logbook. */
export const prints = versionedStore<PrintRow, PrintBody, Print>({
  model: () => models().PrintRow,
  columns: (body) => ({
    title: body.title,
    words: foundBy(body),
    madeAt: new Date(body.madeAtMs),
  }),
  resource,
});
