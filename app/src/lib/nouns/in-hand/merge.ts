import same from 'fast-deep-equal';
import type { PrintDraft } from './draft.ts';

type Part = keyof PrintDraft;

/** What the parts of a print in hand are called. */
const names: Partial<Record<Part, string>> = {
  title: 'the name',
  negative: 'the negative',
  enlarger: 'the enlarger',
  lens: 'the lens',
  head: 'the head height',
  paper: 'the paper',
  developer: 'the developer',
  negativeLength: 'the length on the negative',
  printLength: 'the length on the paper',
  aperture: 'the aperture',
  distance: 'the lamp’s distance',
  contrastSetId: 'the contrast set',
  settingId: 'the contrast',
  lag: 'the lag',
  timerStep: 'the timer’s step',
  first: 'the first exposure',
  step: 'the step',
  patches: 'the number of patches',
  highlight: 'the highlight’s pick',
  shadow: 'the shadow’s pick',
  certainty: 'how sure to be',
  earlier: 'the strips before',
  areas: 'burns and dodges',
  picture: 'the picture',
  pieces: 'the test pieces',
  testPaper: 'the paper for tests',
  keyLine: 'the key line',
  paperSize: 'the size of the paper',
  through: 'the baths in the trays',
  also: 'the trays besides',
  copies: 'how many copies',
  change: 'the change after a verdict',
};

const partsOf = (...drafts: readonly PrintDraft[]) =>
  [...new Set(drafts.flatMap((draft) => Object.keys(draft)))] as Part[];

/**
 * Both changes together, where no part was changed on both sides.
 * @returns undefined where one was, to different ends
 */
export function merged(
  base: PrintDraft,
  mine: PrintDraft,
  theirs: PrintDraft,
): PrintDraft | undefined {
  const parts = partsOf(base, mine, theirs);
  const ofMine = parts.filter((part) => !same(base[part], mine[part]));
  const clash = ofMine.some(
    (part) => !same(base[part], theirs[part]) && !same(mine[part], theirs[part]),
  );
  if (clash) return undefined;
  const both: Partial<Record<Part, unknown>> = { ...theirs };
  for (const part of ofMine) {
    if (mine[part] === undefined) Reflect.deleteProperty(both, part);
    else both[part] = mine[part];
  }
  return both as PrintDraft;
}

/** A part's value as somebody would say it. */
function said(part: Part, value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (Array.isArray(value)) return String(value.length);
  if (part === 'highlight' || part === 'shadow') return `patch ${Number(value) + 1}`;
  return typeof value === 'object' ? 'set' : String(value);
}

/** What differs between two drafts of a print, a line each: what it is, here and there. */
export function differences(
  here: PrintDraft,
  there: PrintDraft,
): readonly { readonly name: string; readonly here: string; readonly there: string }[] {
  return partsOf(here, there)
    .filter((part) => !same(here[part], there[part]))
    .map((part) => ({
      name: names[part] ?? 'how it is worked out',
      here: said(part, here[part]),
      there: said(part, there[part]),
    }));
}
