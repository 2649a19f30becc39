import { contrastSet } from '@katachron/core';
import type { Print, PrintBody } from './contract.ts';
import { book } from '../bath/booking.server.ts';
import { namesOf, type Named } from '../../words/called.ts';
import { sameName } from '../../words/same-name.ts';
import { paperSizes } from '../paper/sizes.ts';
import { latestVersion } from './latest.ts';
import { Op, fn, json, where } from 'sequelize';
import { models, type PrintRow } from '../../server/database/models.ts';
import { searchWords } from '../../server/store/search-words.ts';
import { versionedStore } from '../../server/store/versioned.ts';

const resource = ({ id, version, body }: PrintRow): Print => ({ id, version, ...body });

/** All that a print is found by. */
function foundBy({ title, setup, versions, sheets, note, tags }: PrintBody): string {
  const { noun } = contrastSet(setup.contrastSetId);
  const { settingId, areas } = latestVersion({ versions, sheets });
  const all = [
    ...['print', title, setup.negative, setup.paper, setup.enlarger, setup.lens],
    ...[`${noun} ${settingId}`, ...areas.map((area) => area.name), note, ...(tags ?? [])],
  ];
  return searchWords(all.join(' ')).join(' ');
}

/** The size of paper that it is on: as it was chosen, or as its last sheet was booked. */
function sizeOf({ setup, sheets }: PrintBody): string {
  if (setup.paperSize) return setup.paperSize;
  const { widthCm, heightCm } = sheets.findLast(({ baths }) => baths)?.baths ?? {};
  const booked = paperSizes.find((size) => size.widthCm === widthCm && size.heightCm === heightCm);
  return booked?.id ?? '';
}

/** What it is sorted and narrowed by. */
function sorted(body: PrintBody) {
  const { settingId, seconds } = latestVersion(body);
  return {
    material: body.setup.paper,
    setting: `${body.setup.contrastSetId}:${settingId}`,
    size: sizeOf(body),
    ...{ seconds, strips: body.strips.length, tags: body.tags ?? [] },
  };
}

/** When its newest sheet was exposed that nobody has judged dry. */
function unjudgedAt({ sheets }: PrintBody): Date | null {
  const exposed = sheets.flatMap(({ verdict, exposedAtMs }) => (verdict ? [] : [exposedAtMs]));
  return exposed.length === 0 ? null : new Date(Math.max(...exposed));
}

const store = versionedStore<PrintRow, PrintBody, Print>({
  model: () => models().PrintRow,
  columns: (body) => ({
    title: body.title,
    words: foundBy(body),
    ...sorted(body),
    madeAt: new Date(body.madeAtMs),
    unjudgedAt: unjudgedAt(body),
  }),
  resource,
  // A sheet that is taken off the record went through no bath.
  follows: async (before, { sheets }, transaction) => {
    for (const { id, baths } of before?.sheets ?? []) {
      if (baths && !sheets.some((sheet) => sheet.id === id && sheet.baths))
        await book(id, undefined, transaction);
    }
  },
});

/** A paper is learned from its last prints; emulsions and filters change over the years. */
const PRINTS_LEARNED_FROM = 10;

/** So many prints on other papers tell how finely somebody sees. */
const PRINTS_ELSEWHERE = 12;

/** More than this nobody is asked at once. */
const MOST_TO_JUDGE = 3;
/** More prints than this nobody leaves unjudged in a day. */
const MOST_LOOKED_THROUGH = 60;

/** Prints in the logbook. */
export const prints = {
  ...store,

  /** Prints with a sheet that was exposed between two instants and that nobody has judged yet, newest first. */
  async toJudge(fromMs: number, toMs: number): Promise<Print[]> {
    const rows = await models().PrintRow.findAll({
      where: { unjudgedAt: { [Op.gte]: new Date(fromMs) } },
      order: [['unjudgedAt', 'DESC']],
      limit: MOST_LOOKED_THROUGH,
    });
    // One whose newest sheet is of today may have one of yesterday, which is dry.
    return rows
      .map(resource)
      .filter(({ sheets }) =>
        sheets.some(
          ({ verdict, exposedAtMs }) => !verdict && exposedAtMs >= fromMs && exposedAtMs < toMs,
        ),
      )
      .slice(0, MOST_TO_JUDGE);
  },

  /** The last prints of all, newest first. */
  async latest(): Promise<Print[]> {
    const rows = await models().PrintRow.findAll({
      order: [
        ['madeAt', 'DESC'],
        ['id', 'DESC'],
      ],
      limit: MOST_LOOKED_THROUGH,
    });
    return rows.map(resource);
  },

  /** The last prints on a paper, by all that it is and was called; newest first. */
  async ofPaper(names: readonly string[]): Promise<Print[]> {
    const rows = await models().PrintRow.findAll({
      where: where(fn('lower', json('body.setup.paper')), {
        [Op.in]: names.map((name) => name.trim().toLowerCase()),
      }),
      order: [
        ['madeAt', 'DESC'],
        ['id', 'DESC'],
      ],
      limit: PRINTS_LEARNED_FROM,
    });
    return rows.map(resource);
  },

  /** What a print on a paper learns from: the last ones on it, and the newest on others, which tell of whoever looks and of the lamp. */
  async toLearnFrom(paper: string, papers: readonly Named[] = []): Promise<Print[]> {
    if (paper.trim() === '') return [];
    const names = namesOf(papers, paper);
    const [own, newest] = await Promise.all([prints.ofPaper(names), prints.latest()]);
    const elsewhere = newest.filter(({ setup }) =>
      names.every((name) => !sameName(setup.paper, name)),
    );
    return [...own, ...elsewhere.slice(0, PRINTS_ELSEWHERE)];
  },
};
