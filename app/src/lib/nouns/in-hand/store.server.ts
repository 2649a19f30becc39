import { Op } from 'sequelize';
import { models, type InHandRow } from '../../server/database/models.ts';
import { versionedStore } from '../../server/store/versioned.ts';
import type { InHand, InHandBody } from './contract.ts';

const resource = ({ id, version, body }: InHandRow): InHand => ({ id, version, ...body });

const store = versionedStore<InHandRow, InHandBody, InHand>({
  model: () => models().InHandRow,
  columns: ({ state, touchedAtMs }) => ({ state, touchedAt: new Date(touchedAtMs) }),
  resource,
});

/** More than this nobody has in hand at once; older ones are still at their addresses. */
const MOST_LISTED = 50;
const newestFirst: [string, string][] = [
  ['touchedAt', 'DESC'],
  ['id', 'DESC'],
];

/** Prints that are being worked out. */
export const printsInHand = {
  ...store,

  /** Those that are not made yet, the last touched first. */
  async all(): Promise<InHand[]> {
    const rows = await models().InHandRow.findAll({
      where: { state: { [Op.ne]: 'made' } },
      order: newestFirst,
      limit: MOST_LISTED,
    });
    return rows.map(resource);
  },

  /** The one that was worked on last, made or not: the next one begins in its set-up. */
  async last(): Promise<InHand | undefined> {
    const row = await models().InHandRow.findOne({ order: newestFirst });
    return row ? resource(row) : undefined;
  },
};
