import { isDeepStrictEqual } from 'node:util';
import { UniqueConstraintError, type Model, type ModelStatic, type Transaction } from 'sequelize';
import { database } from '../database/connection.ts';
import type { VersionedFields } from '../database/models.ts';
import { Conflict } from './conflict.ts';

/** The version that a write is based on is missing. */
export class VersionMissing extends Error {
  override readonly name = 'VersionMissing';
}

/** What became of a write. */
export interface Written<Resource> {
  readonly resource: Resource;
  readonly created: boolean;
}

/** How an aggregate becomes rows and back. */
interface Mapping<Row extends Model & VersionedFields<Body>, Body, Resource> {
  readonly model: () => ModelStatic<Row>;
  /** The columns that are searched, from the body, and where they rest on it from the row as it was. */
  readonly columns: (body: Body, row: Row | null) => Partial<Row>;
  readonly resource: (row: Row) => Resource;
  /** What is kept of a body that was sent, where the body before it counts. */
  readonly settled?: (
    before: Body | undefined,
    sent: Body,
    id: string,
    transaction: Transaction,
  ) => Promise<Body>;
  /** What follows from a write, in the same transaction. */
  readonly follows?: (
    before: Body | undefined,
    written: Resource,
    transaction: Transaction,
  ) => Promise<void>;
}

/**
 * Reading and writing of rows under a version. Writing the same body again changes nothing and succeeds, so that a
 * client which never heard the answer may simply repeat itself.
 */
export function versionedStore<Row extends Model & VersionedFields<Body>, Body, Resource>(
  mapping: Mapping<Row, Body, Resource>,
) {
  async function find(id: string): Promise<Resource | undefined> {
    const row = await mapping.model().findByPk(id);
    return row ? mapping.resource(row) : undefined;
  }

  async function putOnce(
    id: string,
    sent: Body,
    basedOn: number | undefined,
  ): Promise<Written<Resource>> {
    return database().transaction(async (transaction) => {
      const model = mapping.model();
      const row = await model.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
      const body = (await mapping.settled?.(row?.body, sent, id, transaction)) ?? sent;
      const values = { body, ...mapping.columns(body, row) };
      if (!row) {
        if (basedOn !== undefined) throw new Conflict(null, body);
        const made = model.build();
        made.set({ id, version: 1, ...values });
        await made.save({ transaction });
        const resource = mapping.resource(made);
        await mapping.follows?.(undefined, resource, transaction);
        return { resource, created: true };
      }
      if (isDeepStrictEqual(row.body, body)) {
        return { resource: mapping.resource(row), created: false };
      }
      if (basedOn === undefined) throw new VersionMissing();
      if (basedOn !== row.version) throw new Conflict(mapping.resource(row), body);
      const before = row.body;
      row.set({ ...values, version: row.version + 1 });
      await row.save({ transaction });
      const resource = mapping.resource(row);
      await mapping.follows?.(before, resource, transaction);
      return { resource, created: false };
    });
  }

  /** Creates or replaces; of two first writes at once the later one is answered as a second write. */
  async function put(id: string, body: Body, basedOn?: number): Promise<Written<Resource>> {
    try {
      return await putOnce(id, body, basedOn);
    } catch (cause) {
      if (cause instanceof UniqueConstraintError) return putOnce(id, body, basedOn);
      throw cause;
    }
  }

  /**
   * Takes it off; a body of that id can be put there again.
   * @returns what was there; undefined when there was nothing
   * @throws Conflict when it is not the version that the caller saw
   */
  async function remove(id: string, basedOn?: number): Promise<Resource | undefined> {
    return database().transaction(async (transaction) => {
      const row = await mapping
        .model()
        .findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
      if (!row) return undefined;
      if (basedOn === undefined) throw new VersionMissing();
      if (basedOn !== row.version) throw new Conflict(mapping.resource(row), null);
      await row.destroy({ transaction });
      return mapping.resource(row);
    });
  }

  return { find, put, remove };
}
