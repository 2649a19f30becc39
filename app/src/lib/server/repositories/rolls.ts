import { isDeepStrictEqual } from 'node:util';
import { formatDilution, processRecord } from '@katachron/core';
import { Op, UniqueConstraintError } from 'sequelize';
import type { ProcessEvent } from '../../contract/process.ts';
import type { Roll, RollBody } from '../../contract/roll.ts';
import { database } from '../database/connection.ts';
import { models, type RollRow } from '../database/models.ts';
import { Conflict } from './conflict.ts';
import { searchWords } from './search-words.ts';
import { versionedStore } from './versioned.ts';

const resource = (row: RollRow): Roll => ({
  id: row.id,
  version: row.version,
  state: row.state,
  startedAtMs: row.startedAt?.getTime() ?? null,
  finishedAtMs: row.finishedAt?.getTime() ?? null,
  ...row.body,
});

/** All that a roll is found by. */
function foundBy({ title, recipe, exposureIndex }: RollBody): string {
  const { film, boxSpeed, developer, dilution, note = '' } = recipe;
  const all = [
    ...['roll', title, film, `ISO ${boxSpeed}`, `EI ${exposureIndex}`],
    ...[developer, formatDilution(dilution), note],
  ];
  return searchWords(all.join(' ')).join(' ');
}

const store = versionedStore<RollRow, RollBody, Roll>({
  model: () => models().RollRow,
  columns: (body) => ({
    title: body.title,
    words: foundBy(body),
    madeAt: new Date(body.madeAtMs),
  }),
  resource,
});

/** A roll together with what happened to it. */
export interface RollWithEvents {
  readonly roll: Roll;
  readonly events: ProcessEvent[];
}

async function eventsOf(rollIds: readonly string[]): Promise<Map<string, ProcessEvent[]>> {
  const found = new Map<string, ProcessEvent[]>(rollIds.map((id) => [id, []]));
  const rows = await models().RunEventRow.findAll({
    where: { rollId: { [Op.in]: [...rollIds] } },
    order: ['at', 'id'],
  });
  for (const row of rows) found.get(row.rollId)?.push(row.body);
  return found;
}

/** Rolls and their runs. An event is only ever added; the roll's state follows from its events. */
export const rolls = {
  ...store,

  async withEvents(id: string): Promise<RollWithEvents | undefined> {
    const roll = await store.find(id);
    return roll && { roll, events: (await eventsOf([id])).get(id) ?? [] };
  },

  /** Those in a bath now, oldest first. */
  async underWay(): Promise<RollWithEvents[]> {
    const rows = await models().RollRow.findAll({
      where: { state: 'developing' },
      order: ['madeAt', 'id'],
    });
    const events = await eventsOf(rows.map((row) => row.id));
    return rows.map((row) => ({ roll: resource(row), events: events.get(row.id) ?? [] }));
  },

  /** The newest temperature in the record, read in a run or typed for one. */
  async lastTemperature(): Promise<{ temperatureC: number; atMs: number } | null> {
    const read = await models().RunEventRow.findOne({
      where: { body: { kind: 'temperature' } },
      order: [['at', 'DESC']],
    });
    return read?.body.kind === 'temperature'
      ? { temperatureC: read.body.temperatureC, atMs: read.body.atMs }
      : null;
  },

  /**
   * Adds an event; the same one again changes nothing.
   * @returns undefined when there is no such roll
   * @throws Conflict when another event already has that id
   */
  async addEvent(
    rollId: string,
    event: ProcessEvent,
  ): Promise<{ roll: Roll; added: boolean } | undefined> {
    const add = () =>
      database().transaction(async (transaction) => {
        const { RollRow, RunEventRow } = models();
        // The lock puts events of one roll in a row, so that the state is made from all of them.
        const roll = await RollRow.findByPk(rollId, { transaction, lock: transaction.LOCK.UPDATE });
        if (!roll) return undefined;
        const known = await RunEventRow.findByPk(event.id, { transaction });
        if (known) {
          if (known.rollId !== rollId || !isDeepStrictEqual(known.body, event)) {
            throw new Conflict(known.body, event);
          }
          return { roll: resource(roll), added: false };
        }
        await RunEventRow.create(
          { id: event.id, rollId, at: new Date(event.atMs), body: event },
          { transaction },
        );
        const rows = await RunEventRow.findAll({ where: { rollId }, transaction });
        const record = processRecord(
          roll.body.plan,
          rows.map((row) => row.body),
        );
        const startedAtMs = record.steps.find(
          (step) => step.startedAtMs !== undefined,
        )?.startedAtMs;
        const { finishedAtMs } = record;
        roll.set({
          state:
            finishedAtMs !== undefined
              ? 'developed'
              : startedAtMs !== undefined
                ? 'developing'
                : 'planned',
          startedAt: startedAtMs === undefined ? null : new Date(startedAtMs),
          finishedAt: finishedAtMs === undefined ? null : new Date(finishedAtMs),
        });
        await roll.save({ transaction });
        return { roll: resource(roll), added: true };
      });
    try {
      return await add();
    } catch (cause) {
      // Two senders wrote the same new event at once, each for another roll.
      if (cause instanceof UniqueConstraintError) return add();
      throw cause;
    }
  },
};
