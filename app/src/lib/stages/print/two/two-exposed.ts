import type { SheetOfTwo, TwoNegativesBody } from '../../../nouns/two-negatives/contract.ts';
import { partOfSheet } from '../../../nouns/bath/part-of-sheet.ts';
import type { PaperThrough } from '../../../nouns/bath/through.ts';
import type { GivenFiring } from '../../../nouns/print/sheet.ts';
import type { TwoThing } from '../../../nouns/in-hand/limits.ts';

/** Paper that was exposed, as it is written down. */
export interface TwoExposed {
  readonly id: string;
  readonly what: TwoThing;
  readonly atMs: number;
  readonly firings: readonly GivenFiring[];
  /** The baths of the trays that it goes through, and its size. */
  readonly baths?: PaperThrough | undefined;
  /** Of a grid: the times that it was exposed to. */
  readonly times?: { readonly aSeconds: number[]; readonly bSeconds: number[] };
}

/** How much of a sheet the two strips of a grid take. */
export const GRID_OF_SHEET = 0.5;

/** A grid that was exposed under a timer of one's own. */
export const gridOf = (
  {
    aSeconds,
    bSeconds,
  }: { readonly aSeconds: readonly number[]; readonly bSeconds: readonly number[] },
  sheet: PaperThrough | undefined,
) => ({
  ...{ aSeconds: [...aSeconds], bSeconds: [...bSeconds] },
  ...(sheet && { baths: partOfSheet(sheet, GRID_OF_SHEET) }),
});

type Body = Pick<TwoNegativesBody, 'tests' | 'sheets'>;

/** Sheets that have A, and wait in the dark for B. */
export const waitingForB = ({ sheets = [] }: Body): SheetOfTwo[] => sheets.filter(({ b }) => !b);

const isWritten = ({ tests, sheets = [] }: Body, id: string) =>
  tests.some((test) => test.id === id) || sheets.some(({ a, b }) => a.id === id || b?.id === id);

/** What is on record with this exposure; the same one twice is there once. */
export function withExposed(
  body: Body,
  { id, what, atMs, firings, times, baths }: TwoExposed,
): Body {
  if (isWritten(body, id)) return body;
  const { tests, sheets = [] } = body;
  const given = { id, atMs, firings: [...firings] };
  const [next] = waitingForB(body);
  const through = baths && { baths };
  const kinds: Record<TwoThing, () => Body> = {
    'two-grid': () =>
      times ? { ...body, tests: [...tests, { id, atMs, ...times, ...through }] } : body,
    'two-a': () => ({
      ...body,
      sheets: [...sheets, { number: (sheets.at(-1)?.number ?? 0) + 1, a: given }],
    }),
    'two-b': () => ({
      ...body,
      sheets: sheets.map((sheet) => (sheet === next ? { ...sheet, b: given, ...through } : sheet)),
    }),
  };
  return kinds[what]();
}

/** "Sheet 3": what stands on its back. */
export function markOfTwo({ sheets = [] }: Body, exposureId: string): string | undefined {
  const found = sheets.find(({ a, b }) => a.id === exposureId || b?.id === exposureId);
  return found && `Sheet ${found.number}`;
}
