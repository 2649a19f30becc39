import { literal, type Transaction } from 'sequelize';
import { eventsThatCount, filmArea, type ProcessRecord } from '@katachron/core';
import { isDeepStrictEqual } from 'node:util';
import { database } from '../../server/database/connection.ts';
import { models } from '../../server/database/models.ts';
import { printsInHand } from '../in-hand/store.server.ts';
import type { Print } from '../print/contract.ts';
import { darknessOf } from '../print/darkness.server.ts';
import { trayEventsOf } from '../print/trays.server.ts';
import type { ColourPrintBody } from '../colour-print/contract.ts';
import type { ProofBody } from '../proof/contract.ts';
import type { RollBody } from '../roll/contract.ts';
import type { TwoNegativesBody } from '../two-negatives/contract.ts';
import { PIECE, STRIP, bookCut } from './book-cut.server.ts';
import { book, type Passage } from './booking.server.ts';
import { bathPlace } from './places.ts';
import { reached } from './reached.ts';
import type { PaperThrough } from './through.ts';

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
  const [events, inHand, darkness] = await Promise.all([
    trayEventsOf(sheets.map(({ id }) => id)),
    printsInHand.find(print.id),
    darknessOf(print),
  ]);
  const isMade = !inHand || inHand.state === 'made';
  await bookTests(print, isMade);
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
          areaCm2: widthCm * heightCm * (darkness ?? 1),
          atMs: taken?.atMs ?? exposedAtMs,
          went: {
            sheets: { count: 1, widthCm, heightCm },
            ...(darkness !== undefined && { tiredBy: darkness }),
          },
          bathIds: reached(through, kinds),
        }
      : undefined;
    await database().transaction((transaction) => book(sheetId, passage, transaction));
  }
}

/** Books what was cut for a print, once it is made: strips that were read and others, and test pieces. */
async function bookTests(print: Print, isMade: boolean): Promise<void> {
  const { id, title, strips, testPaper, sheets, madeAtMs } = print;
  const sheet = isMade ? sheets.find(({ baths }) => baths)?.baths : undefined;
  const cut = [
    { kind: 'print-strips', share: STRIP, count: strips.length + (testPaper?.strips ?? 0) },
    { kind: 'print-pieces', share: PIECE, count: testPaper?.pieces ?? 0 },
  ] as const;
  for (const paper of cut) {
    await database().transaction((transaction) =>
      bookCut({ id, name: title }, paper, sheet, { sourceId: id, atMs: madeAtMs }, transaction),
    );
  }
}

/** Paper that went through baths as they were written down with it. */
interface Passed {
  readonly id: string;
  readonly atMs: number;
  readonly baths?: PaperThrough | undefined;
}

/** Books paper on its baths, and takes back what is not on record any more. Only what changed is looked at. */
async function bookPassed(
  of: Passage['of'],
  before: readonly Passed[],
  now: readonly Passed[],
  transaction: Transaction,
): Promise<void> {
  const were = new Map(before.map((paper) => [paper.id, paper]));
  for (const { id, atMs, baths } of now) {
    const was = were.get(id);
    were.delete(id);
    if (isDeepStrictEqual(was?.baths, baths)) continue;
    const passage: Passage | undefined = baths && {
      ...{ of, atMs, medium: 'paper', areaCm2: baths.widthCm * baths.heightCm },
      went: { sheets: { count: 1, widthCm: baths.widthCm, heightCm: baths.heightCm } },
      bathIds: baths.baths.map((bath) => bath.id),
    };
    await book(id, passage, transaction);
  }
  for (const gone of were.values()) {
    if (gone.baths) await book(gone.id, undefined, transaction);
  }
}

/** A thing whose paper is written down with the baths that it went through. */
const bookPaperOf =
  <Body extends { readonly name: string }>(
    kind: Passage['of']['kind'],
    passed: (body: Body) => readonly Passed[],
  ) =>
  (before: Body | undefined, now: Body & { readonly id: string }, transaction: Transaction) =>
    bookPassed(
      { kind, id: now.id, name: now.name },
      before ? passed(before) : [],
      passed(now),
      transaction,
    );

/** The drum's baths, sheet by sheet and ring-around by ring-around. */
export const bookColourPrint = bookPaperOf<ColourPrintBody>('colour-print', ({ tests }) => tests);

/** Grids, and sheets once both negatives are on them: until then they wait in the dark. */
export const bookTwoNegatives = bookPaperOf<TwoNegativesBody>(
  'two-negatives',
  ({ tests, sheets = [] }) => [
    ...tests,
    ...sheets.flatMap(({ a, b, baths }) => (b ? [{ id: a.id, atMs: b.atMs, baths }] : [])),
  ],
);

const bookProofSheets = bookPaperOf<ProofBody>('proof', ({ sheets = [] }) =>
  sheets.map(({ id, exposedAtMs, baths }) => ({ id, atMs: exposedAtMs, baths })),
);

/** A roll’s proofs, and the strips that were fired for their time. */
export async function bookProof(
  before: ProofBody | undefined,
  now: ProofBody & { readonly id: string },
  transaction: Transaction,
): Promise<void> {
  await bookProofSheets(before, now, transaction);
  const were = before?.sheets ?? [];
  const sheets = now.sheets ?? [];
  const gone = were
    .filter(({ id }) => sheets.every((sheet) => sheet.id !== id))
    .map((sheet) => ({ ...sheet, strips: 0 }));
  const of = { id: now.id, name: now.name };
  for (const { id, exposedAtMs: atMs, strips = 0, baths } of [...gone, ...sheets]) {
    const was = were.find((sheet) => sheet.id === id);
    if ((was?.strips ?? 0) === strips && isDeepStrictEqual(was?.baths, baths)) continue;
    const paper = { kind: 'proof-strips', share: STRIP, count: strips } as const;
    await bookCut(of, paper, baths, { sourceId: id, atMs }, transaction);
  }
}

/** Books the print that has this sheet; its record may not be there yet, and then it books when it comes. */
export async function bookSheet(sheetId: string): Promise<void> {
  const { PrintRow } = models();
  const having = database().escape(JSON.stringify([{ id: sheetId }]));
  const row = await PrintRow.findOne({ where: literal(`body->'sheets' @> ${having}::jsonb`) });
  if (row) await bookPrint({ id: row.id, version: row.version, ...row.body });
}
