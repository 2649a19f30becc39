import { Op, literal, type Transaction } from 'sequelize';
import { eventsThatCount, filmArea, type ProcessRecord } from '@katachron/core';
import { isDeepStrictEqual } from 'node:util';
import { v5 as nameId } from 'uuid';
import { database } from '../../server/database/connection.ts';
import { models } from '../../server/database/models.ts';
import { printsInHand } from '../in-hand/store.server.ts';
import type { Print } from '../print/contract.ts';
import { trayEventsOf } from '../print/trays.server.ts';
import type { ColourPrintBody } from '../colour-print/contract.ts';
import type { RollBody } from '../roll/contract.ts';
import type { KeptEntry } from './ledger.ts';
import { bathPlace } from './places.ts';
import type { Through } from './through.ts';

/** What went through baths: a run of film, or a sheet of a print. */
interface Passage {
  readonly of: NonNullable<KeptEntry['of']>;
  readonly medium: 'film' | 'paper';
  readonly areaCm2: number;
  readonly atMs: number;
  readonly went: Pick<KeptEntry, 'load' | 'sheets'>;
  readonly bathIds: readonly string[];
}

/** Ids of entries that nobody writes by hand are made from what they stand for (RFC 9562, version 5). */
const BOOKED = '5a1c7f0e-3b52-5d0a-9a64-6b1f0d2c8e71';

/**
 * Makes the ledgers say what went through their baths: books what is missing and takes back, by an entry of its own, what did not
 * happen after all. However often it is called, and by however many at once, it is there once.
 */
async function book(
  sourceId: string,
  passage: Passage | undefined,
  transaction: Transaction,
): Promise<void> {
  const { BathEntryRow, shelfRows } = models();
  // Two senders about the same sheet or roll stand in a row.
  await database().query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', {
    bind: [sourceId],
    transaction,
  });
  const written = await BathEntryRow.findAll({ where: { sourceId }, order: ['at'], transaction });
  const takenBack = new Set(written.flatMap(({ body }) => body.corrects ?? []));
  const standing = written.filter(({ id, body }) => !body.corrects && !takenBack.has(id));
  // What somebody took back by hand is settled: it is booked no more.
  const settled = new Set(
    written.filter(({ body }) => body.corrects && !body.of).map(({ bathId }) => bathId),
  );
  const wanted = new Set(passage?.bathIds ?? []);
  const rows = await shelfRows.baths.findAll({
    where: { id: { [Op.in]: [...wanted] } },
    attributes: ['id'],
    transaction,
  });
  const there = rows.map((row) => String(row.get('id')));
  const write = (bathId: string, body: Omit<KeptEntry, 'id'>) => {
    const count = written.filter((row) => row.bathId === bathId).length;
    const id = nameId(`${sourceId}/${bathId}/${count}`, BOOKED);
    const at = new Date(body.entry.atMs);
    return BathEntryRow.create(
      { id, bathId, sourceId, at, body: { id, ...body } },
      { transaction },
    );
  };
  for (const { bathId, body } of standing) {
    if (wanted.has(bathId) || !('areaCm2' in body.entry)) continue;
    const { kind, areaCm2 } = body.entry;
    await write(bathId, {
      corrects: body.id,
      ...(body.of && { of: body.of }),
      entry: { kind, atMs: Date.now(), areaCm2: -areaCm2 },
    });
  }
  if (!passage) return;
  const { of, went, medium, atMs, areaCm2 } = passage;
  for (const bathId of there) {
    if (settled.has(bathId) || standing.some((row) => row.bathId === bathId)) continue;
    await write(bathId, {
      of,
      ...went,
      entry: { kind: medium, atMs, areaCm2 },
    });
  }
}

/** The baths of the places that were reached, each once: a sheet that is fixed twice in one bath fills it once. */
const reached = (baths: Through, kinds: readonly string[]): string[] => [
  ...new Set(
    baths
      .filter(({ place }) => bathPlace(place).kinds.some((kind) => kinds.includes(kind)))
      .map(({ id }) => id),
  ),
];

/** Books a run on the baths it went through, once it is over; taken back when it goes on after all. */
export async function bookRun(
  rollId: string,
  { baths: through, title }: RollBody,
  record: ProcessRecord,
  transaction: Transaction,
): Promise<void> {
  if (!through) return;
  const { load, baths } = through;
  const { finishedAtMs } = record;
  const kinds = record.steps.flatMap(({ step, startedAtMs }) =>
    startedAtMs === undefined ? [] : [step.kind],
  );
  const passage: Passage | undefined =
    finishedAtMs === undefined
      ? undefined
      : {
          of: { kind: 'roll', id: rollId, name: title },
          medium: 'film',
          areaCm2: filmArea(load),
          atMs: finishedAtMs,
          went: { load },
          bathIds: reached(baths, kinds),
        };
  await book(rollId, passage, transaction);
}

/**
 * Books the sheets of a print on the baths they went through: when they were taken out of the last tray, or, where nobody followed
 * them through the trays, when the print is made.
 */
export async function bookPrint(print: Print): Promise<void> {
  const sheets = print.sheets.filter(({ baths }) => baths !== undefined);
  if (sheets.length === 0) return;
  const [events, inHand] = await Promise.all([
    trayEventsOf(sheets.map(({ id }) => id)),
    printsInHand.find(print.id),
  ]);
  const isMade = !inHand || inHand.state === 'made';
  for (const { id: sheetId, baths, exposedAtMs } of sheets) {
    const { widthCm, heightCm, baths: through } = baths!;
    const counting = eventsThatCount(events[sheetId] ?? []);
    const taken = counting.findLast(({ kind }) => kind === 'finished');
    const followed = (events[sheetId] ?? []).length > 0;
    const kinds = followed
      ? counting.flatMap((event) => (event.kind === 'poured-in' ? [event.stepId] : []))
      : through.flatMap(({ place }) => bathPlace(place).kinds);
    const over = followed ? taken !== undefined : isMade;
    const passage: Passage | undefined = over
      ? {
          of: { kind: 'print', id: print.id, name: print.title },
          medium: 'paper',
          areaCm2: widthCm * heightCm,
          atMs: taken?.atMs ?? exposedAtMs,
          went: { sheets: { count: 1, widthCm, heightCm } },
          bathIds: reached(through, kinds),
        }
      : undefined;
    await database().transaction((transaction) => book(sheetId, passage, transaction));
  }
}

/**
 * Books the sheets of a colour print on the baths of its drum, as they were written down; what was taken back is taken back there
 * too. Only what changed is looked at.
 */
export async function bookColourPrint(
  before: ColourPrintBody | undefined,
  { id, name, tests }: ColourPrintBody & { readonly id: string },
  transaction: Transaction,
): Promise<void> {
  const were = new Map(before?.tests.map((test) => [test.id, test]));
  for (const { id: testId, atMs, baths } of tests) {
    const was = were.get(testId);
    were.delete(testId);
    if (isDeepStrictEqual(was?.baths, baths)) continue;
    const passage: Passage | undefined = baths && {
      of: { kind: 'colour-print', id, name },
      medium: 'paper',
      areaCm2: baths.widthCm * baths.heightCm,
      atMs,
      went: { sheets: { count: 1, widthCm: baths.widthCm, heightCm: baths.heightCm } },
      bathIds: baths.baths.map((bath) => bath.id),
    };
    await book(testId, passage, transaction);
  }
  for (const gone of were.values()) {
    if (gone.baths) await book(gone.id, undefined, transaction);
  }
}

/** Books the print that has this sheet; its record may not be there yet, and then it books when it comes. */
export async function bookSheet(sheetId: string): Promise<void> {
  const { PrintRow } = models();
  const having = database().escape(JSON.stringify([{ id: sheetId }]));
  const row = await PrintRow.findOne({ where: literal(`body->'sheets' @> ${having}::jsonb`) });
  if (row) await bookPrint({ id: row.id, version: row.version, ...row.body });
}
