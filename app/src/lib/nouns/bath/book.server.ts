import { literal, type Transaction } from 'sequelize';
import { eventsThatCount, filmArea, type ProcessRecord } from '@katachron/core';
import { isDeepStrictEqual } from 'node:util';
import { database } from '../../server/database/connection.ts';
import { models } from '../../server/database/models.ts';
import { printsInHand } from '../in-hand/store.server.ts';
import type { Print } from '../print/contract.ts';
import { trayEventsOf } from '../print/trays.server.ts';
import type { ColourPrintBody } from '../colour-print/contract.ts';
import type { RollBody } from '../roll/contract.ts';
import { book, type Passage } from './booking.server.ts';
import { bathPlace } from './places.ts';
import type { Through } from './through.ts';

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
