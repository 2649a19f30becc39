import { createHash } from 'node:crypto';
import { models, type PictureRow } from '../../server/database/models.ts';
import { Conflict } from '../../server/store/conflict.ts';
import type { Picture } from './contract.ts';
import { decodePicture } from './decode.server.ts';

const resource = ({ id, width, height, madeAt }: PictureRow): Picture => ({
  ...{ id, width, height },
  madeAtMs: madeAt.getTime(),
});

const digestOf = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');

export const pictures = {
  async find(id: string): Promise<Picture | undefined> {
    const row = await models().pictureRows.findByPk(id, { attributes: { exclude: ['preview'] } });
    return row ? resource(row) : undefined;
  },

  async preview(id: string): Promise<Uint8Array | undefined> {
    return (await models().pictureRows.findByPk(id))?.preview;
  },

  /** Keeps a picture under its id; the same file again changes nothing, and another one is refused: a picture is never replaced. */
  async put(id: string, bytes: Uint8Array): Promise<{ picture: Picture; created: boolean }> {
    const digest = digestOf(bytes);
    const kept = await models().pictureRows.findByPk(id, { attributes: { exclude: ['preview'] } });
    if (kept && kept.digest !== digest) throw new Conflict(resource(kept), undefined);
    if (kept) return { picture: resource(kept), created: false };
    const { preview, width, height } = await decodePicture(bytes);
    const [row, created] = await models().pictureRows.findOrCreate({
      where: { id },
      defaults: { id, digest, width, height, preview: Buffer.from(preview), madeAt: new Date() },
    });
    if (row.digest !== digest) throw new Conflict(resource(row), undefined);
    return { picture: resource(row), created };
  },
};
