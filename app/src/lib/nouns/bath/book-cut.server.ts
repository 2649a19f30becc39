import type { Transaction } from 'sequelize';
import { v5 as nameId } from 'uuid';
import { book, type Passage } from './booking.server.ts';
import { partOfSheet } from './part-of-sheet.ts';
import { reached } from './reached.ts';
import type { PaperThrough } from './through.ts';

/** As strips and test pieces are cut from a sheet, of its area. */
export const [STRIP, PIECE] = [1 / 4, 1 / 8];
/** Where they go through: they are looked at after a short fix, and thrown away. */
const LOOKED_AT = ['print-developer', 'print-stop', 'print-short-fix'];
/** Their entries have ids of their own (RFC 9562, version 5). */
const CUT = {
  'print-strips': '0f6a0c3e-58a1-5f0e-8a5d-2c8f5d8f7b19',
  'print-pieces': '6c3b7a52-0d64-5b1c-9f3e-84d1c2a6e507',
  'proof-strips': 'b1e4d0f8-92c7-5a3d-8e16-5f70a9c3d284',
} as const;

interface CutPaper {
  readonly kind: keyof typeof CUT;
  readonly share: number;
  readonly count: number;
}

/** What is cut from sheets and thrown away, on the baths of such a sheet. */
export function bookCut(
  of: Omit<Passage['of'], 'kind'>,
  { kind, share, count }: CutPaper,
  sheet: PaperThrough | undefined,
  { sourceId, atMs }: { readonly sourceId: string; readonly atMs: number },
  transaction: Transaction,
): Promise<void> {
  const cut = sheet && partOfSheet(sheet, share);
  const passage: Passage | undefined =
    cut && count > 0
      ? {
          of: { ...of, kind },
          medium: 'paper',
          areaCm2: count * cut.widthCm * cut.heightCm,
          atMs,
          went: { sheets: { count, widthCm: cut.widthCm, heightCm: cut.heightCm } },
          bathIds: reached(cut.baths, LOOKED_AT),
        }
      : undefined;
  return book(nameId(sourceId, CUT[kind]), passage, transaction);
}
