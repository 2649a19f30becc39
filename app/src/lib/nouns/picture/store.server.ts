import { createHash } from 'node:crypto';
import { subDays } from 'date-fns';
import { Op, literal } from 'sequelize';
import { models, type PictureRow } from '../../server/database/models.ts';
import { Conflict } from '../../server/store/conflict.ts';
import type { Picture } from './contract.ts';
import { decodePicture } from './decode.server.ts';

const resource = ({ id, width, height, madeAt }: PictureRow): Picture => ({
  ...{ id, width, height },
  madeAtMs: madeAt.getTime(),
});

const digestOf = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');

/** Where a picture may be in use: nothing else holds on to one. */
const USED = [
  `SELECT body #>> '{draft,picture,id}' FROM prints_in_hand`,
  `SELECT body #>> '{picture,id}' FROM prints`,
  `SELECT body #>> '{picture,id}' FROM proofs`,
  `SELECT test ->> 'picture' FROM colour_prints, jsonb_array_elements(body -> 'tests') AS test`,
  `SELECT body #>> '{a,placed,picture,id}' FROM two_negatives`,
  `SELECT body #>> '{b,placed,picture,id}' FROM two_negatives`,
];
/** What was taken off can be put back for so many days. */
const KEPT_DAYS = 30;

/** What may be kept of a picture besides its greys. */
interface AlsoKept {
  readonly original?: string | undefined;
  readonly inColour?: boolean;
}

export const pictures = {
  /**
   * Takes off what nothing shows any more and what is older than can be put back.
   * @returns how many
   */
  async tidy(nowMs: number): Promise<number> {
    return models().pictureRows.destroy({
      where: {
        madeAt: { [Op.lt]: subDays(nowMs, KEPT_DAYS) },
        id: {
          [Op.notIn]:
            literal(`(SELECT used::uuid FROM (${USED.join(' UNION ALL ')}) AS of_all (used)
          WHERE used IS NOT NULL)`),
        },
      },
    });
  },

  async find(id: string): Promise<Picture | undefined> {
    const row = await models().pictureRows.findByPk(id, { attributes: { exclude: ['preview'] } });
    return row ? resource(row) : undefined;
  },

  async preview(id: string): Promise<Uint8Array | undefined> {
    return (await models().pictureRows.findByPk(id))?.preview;
  },

  /** It in its colours, where they were kept. */
  async colours(id: string): Promise<Uint8Array | undefined> {
    return (await models().coloursRows.findByPk(id))?.preview;
  },

  /** The file that it was made of, where that was kept. */
  async original(id: string): Promise<{ type: string; file: Uint8Array } | undefined> {
    return (await models().originalRows.findByPk(id)) ?? undefined;
  },

  /**
   * Keeps a picture under its id; the same file again changes nothing, and another one is refused: a picture is never replaced.
   * @param also what else is to be kept of it
   * @param also.inColour its colours, small
   * @param also.original the type of the file, where it is to be kept as well, with all that it says of where and when
   */
  async put(
    id: string,
    bytes: Uint8Array,
    { original, inColour = false }: AlsoKept = {},
  ): Promise<{ picture: Picture; created: boolean }> {
    const kept = await keepPreview(id, bytes, inColour);
    if (original !== undefined) {
      await models().originalRows.findOrCreate({
        where: { id },
        defaults: { id, type: original, file: Buffer.from(bytes) },
      });
    }
    return kept;
  },
};

async function keepPreview(
  id: string,
  bytes: Uint8Array,
  inColour: boolean,
): Promise<{ picture: Picture; created: boolean }> {
  const digest = digestOf(bytes);
  const kept = await models().pictureRows.findByPk(id, { attributes: { exclude: ['preview'] } });
  if (kept && kept.digest !== digest) throw new Conflict(resource(kept), undefined);
  if (kept) return { picture: resource(kept), created: false };
  const { preview, width, height, colours } = await decodePicture(bytes, inColour);
  const [row, created] = await models().pictureRows.findOrCreate({
    where: { id },
    defaults: { id, digest, width, height, preview: Buffer.from(preview), madeAt: new Date() },
  });
  if (colours) {
    await models().coloursRows.findOrCreate({
      where: { id },
      defaults: { id, preview: Buffer.from(colours) },
    });
  }
  if (row.digest !== digest) throw new Conflict(resource(row), undefined);
  return { picture: resource(row), created };
}
