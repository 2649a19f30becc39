import { isDeepStrictEqual } from 'node:util';
import { Refusal, formatDilution, processOutcome, processRecord } from '@katachron/core';
import { Op, UniqueConstraintError, literal } from 'sequelize';
import { bookRun } from '../bath/book.server.ts';
import type { ProcessEvent } from '../process/contract.ts';
import { type PlannedRoll, type Roll, type RollBody } from './contract.ts';
import { filmOf, isPlanned } from './film-of.ts';
import { database } from '../../server/database/connection.ts';
import { models, type RollRow } from '../../server/database/models.ts';
import { Conflict } from '../../server/store/conflict.ts';
import { searchWords } from '../../server/store/search-words.ts';
import { versionedStore } from '../../server/store/versioned.ts';

/** More than this that wait for the sink are looked for in the logbook. */
const MOST_LISTED = 60;
/** More than this lie in no sink. */
const MOST_UNDER_WAY = 24;
/** A bottle that was looked at longer ago than so many rolls is looked at again. */
const MOST_COUNTED = 1000;
/** So many verdicts are shown beside a time. */
const LAST_VERDICTS = 3;
/** A tank learns from its last runs; a seal or a lid changes over the years. */
const RUNS_LEARNED_FROM = 20;

const resource = (row: RollRow): Roll => ({
  id: row.id,
  version: row.version,
  state: row.state,
  startedAtMs: row.startedAt?.getTime() ?? null,
  finishedAtMs: row.finishedAt?.getTime() ?? null,
  ...row.body,
});

/** All that a roll is found by. */
function foundBy(body: RollBody): string {
  const { title, recipe, exposed, exposureIndex } = body;
  const { film, boxSpeed } = filmOf(body);
  const all = [
    ...['roll', title, film, `ISO ${boxSpeed}`, `EI ${exposureIndex}`],
    ...(recipe ? [recipe.developer, formatDilution(recipe.dilution), recipe.note ?? ''] : []),
    ...(exposed ? [exposed.camera, exposed.subject] : []),
    ...(exposed?.frames.flatMap(({ mark, subject }) => [mark, subject]) ?? []),
    ...(body.tags ?? []),
  ];
  return searchWords(all.join(' ')).join(' ');
}

/** What it is sorted and narrowed by. */
const sorted = (body: RollBody) => ({
  material: filmOf(body).film,
  setting: `ei:${body.exposureIndex}`,
  size: body.exposed?.format ?? body.tank?.load[0]?.format ?? '',
  seconds: body.developmentSeconds ?? 0,
  tags: body.tags ?? [],
});

/** How far the run of a roll has gone. */
interface Gone {
  readonly started: boolean;
  readonly finished: boolean;
  /** It ended before it reached a fixer. */
  readonly stopped: boolean;
}

/** Exposed, planned, in the sink, stopped, developed, proofed: what a roll is by what is known of it. */
function stateOf(body: RollBody, { started, finished, stopped }: Gone): Roll['state'] {
  if (!isPlanned(body)) return 'exposed';
  if (!finished) return started ? 'developing' : 'planned';
  if (stopped) return 'stopped';
  return body.proofedAtMs === undefined ? 'developed' : 'proofed';
}

const store = versionedStore<RollRow, RollBody, Roll>({
  model: () => models().RollRow,
  columns: (body, row) => ({
    title: body.title,
    words: foundBy(body),
    ...sorted(body),
    madeAt: new Date(body.madeAtMs),
    state: stateOf(body, {
      started: (row?.startedAt ?? null) !== null,
      finished: (row?.finishedAt ?? null) !== null,
      stopped: row?.state === 'stopped',
    }),
  }),
  resource,
  // What is put right about a run that is over is put right in the ledgers too.
  follows: async (before, { id, version: _version, ...roll }, transaction) => {
    if (!before || !roll.plan || isDeepStrictEqual(before.baths, roll.baths)) return;
    const rows = await models().RunEventRow.findAll({ where: { rollId: id }, transaction });
    if (rows.length === 0) return;
    const record = processRecord(
      roll.plan,
      rows.map((row) => row.body),
    );
    await bookRun(id, roll, record, transaction);
  },
});

/** A roll together with what happened to it. */
export interface RollWithEvents<Of extends Roll = Roll> {
  readonly roll: Of;
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

async function runsOf(rows: readonly RollRow[]): Promise<RollWithEvents<PlannedRoll>[]> {
  const events = await eventsOf(rows.map((row) => row.id));
  return rows
    .map(resource)
    .filter(isPlanned)
    .map((roll) => ({ roll, events: events.get(roll.id) ?? [] }));
}

const developedRows = () =>
  models().RollRow.findAll({
    where: { state: ['developed', 'proofed'] },
    order: [
      ['madeAt', 'DESC'],
      ['id', 'DESC'],
    ],
    limit: MOST_LISTED,
  });

/** Rolls and their runs. An event is only ever added; the roll's state follows from its events. */
export const rolls = {
  ...store,

  async withEvents(id: string): Promise<RollWithEvents | undefined> {
    const roll = await store.find(id);
    return roll && { roll, events: (await eventsOf([id])).get(id) ?? [] };
  },

  /** Those in a bath now, those poured last first: more than that many nobody has in the sink, but some are forgotten there. */
  async underWay(): Promise<RollWithEvents<PlannedRoll>[]> {
    const rows = await models().RollRow.findAll({
      where: { state: 'developing' },
      order: [['startedAt', 'DESC']],
      limit: MOST_UNDER_WAY,
    });
    return runsOf(rows);
  },

  /** Those that wait for the sink, newest first. */
  async waiting(): Promise<Roll[]> {
    const rows = await models().RollRow.findAll({
      where: { state: ['exposed', 'planned'] },
      order: [
        ['madeAt', 'DESC'],
        ['id', 'DESC'],
      ],
      limit: MOST_LISTED,
    });
    return rows.map(resource);
  },

  /** Those that came out of the tank and can be proofed, newest first. */
  async developed(): Promise<Roll[]> {
    return (await developedRows()).map(resource);
  },

  /** The same with what happened to them. */
  async developedRuns(): Promise<RollWithEvents<PlannedRoll>[]> {
    return runsOf(await developedRows());
  },

  /** Those that went into a developer since, newest first. */
  async startedSince(atMs: number): Promise<PlannedRoll[]> {
    const rows = await models().RollRow.findAll({
      where: { startedAt: { [Op.gte]: new Date(atMs) } },
      order: [['startedAt', 'DESC']],
      limit: MOST_COUNTED,
    });
    return rows.map(resource).filter(isPlanned);
  },

  /** The last ones that were judged, of a film in a developer, newest first. */
  async judged(film: string, developer: string): Promise<Roll[]> {
    const rows = await models().RollRow.findAll({
      where: {
        [Op.and]: [{ body: { recipe: { film, developer } } }, literal(`body ? 'judgement'`)],
      },
      order: [['madeAt', 'DESC']],
      limit: LAST_VERDICTS,
    });
    return rows.map(resource);
  },

  /** Runs in which a tank was read while its drift was followed, newest first. */
  async runsOfTank(tankId: string): Promise<RollWithEvents<PlannedRoll>[]> {
    const rows = await models().RollRow.findAll({
      where: {
        state: ['developing', 'developed', 'proofed'],
        body: { tank: { id: tankId } },
      },
      order: [['madeAt', 'DESC']],
      limit: RUNS_LEARNED_FROM,
    });
    return runsOf(rows);
  },

  /** The newest temperature in the record that was not taken back, read in a run or typed for one. */
  async lastTemperature(): Promise<{ temperatureC: number; atMs: number } | null> {
    const read = await models().RunEventRow.findOne({
      where: {
        [Op.and]: [
          { body: { kind: 'temperature' } },
          literal(`NOT EXISTS (SELECT 1 FROM run_events AS undone
             WHERE undone.roll_id = "RunEventRow".roll_id
               AND undone.body ->> 'eventId' = "RunEventRow".id::text)`),
        ],
      },
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
        const { plan } = roll.body;
        if (!plan)
          throw new Refusal('no-plan', '', 'This roll has no plan yet: take it to the sink first.');
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
          plan,
          rows.map((row) => row.body),
        );
        const startedAtMs = record.steps.find(
          (step) => step.startedAtMs !== undefined,
        )?.startedAtMs;
        const { finishedAtMs } = record;
        roll.set({
          state: stateOf(roll.body, {
            started: startedAtMs !== undefined,
            finished: finishedAtMs !== undefined,
            stopped: processOutcome(record).stopped,
          }),
          startedAt: startedAtMs === undefined ? null : new Date(startedAtMs),
          finishedAt: finishedAtMs === undefined ? null : new Date(finishedAtMs),
        });
        await roll.save({ transaction });
        await bookRun(rollId, roll.body, record, transaction);
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
