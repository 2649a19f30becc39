import { contrastSet } from '@katachron/core';
import type { Print, PrintBody } from './contract.ts';
import { latestVersion } from './latest.ts';
import { fn, json, where } from 'sequelize';
import { models, type PrintRow } from '../../server/database/models.ts';
import { searchWords } from '../../server/store/search-words.ts';
import { versionedStore } from '../../server/store/versioned.ts';

const resource = ({ id, version, body }: PrintRow): Print => ({ id, version, ...body });

/** All that a print is found by. */
function foundBy({ title, setup, versions, sheets, note }: PrintBody): string {
  const { noun } = contrastSet(setup.contrastSetId);
  const { settingId, areas } = latestVersion({ versions, sheets });
  const all = [
    ...['print', title, setup.negative, setup.paper, setup.enlarger, setup.lens],
    ...[`${noun} ${settingId}`, ...areas.map((area) => area.name), note],
  ];
  return searchWords(all.join(' ')).join(' ');
}

const store = versionedStore<PrintRow, PrintBody, Print>({
  model: () => models().PrintRow,
  columns: (body) => ({
    title: body.title,
    words: foundBy(body),
    madeAt: new Date(body.madeAtMs),
  }),
  resource,
});

/** A paper is learned from its last prints; emulsions and filters change over the years. */
const PRINTS_LEARNED_FROM = 10;

/** Prints in the logbook. */
export const prints = {
  ...store,

  /** The last prints on a paper, newest first. */
  async ofPaper(paper: string): Promise<Print[]> {
    if (paper.trim() === '') return [];
    const rows = await models().PrintRow.findAll({
      where: where(fn('lower', json('body.setup.paper')), paper.trim().toLowerCase()),
      order: [
        ['madeAt', 'DESC'],
        ['id', 'DESC'],
      ],
      limit: PRINTS_LEARNED_FROM,
    });
    return rows.map(resource);
  },
};
