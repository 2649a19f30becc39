import { contrastSet, settingOf } from '@katachron/core';
import { stringify } from 'csv-stringify/sync';
import { guarded } from '../../kit/csv-cell.ts';
import { attempt } from '../../words/attempt.ts';
import { paperSize } from '../paper/sizes.ts';
import type { Print } from './contract.ts';
import type { Sheet, Version } from './sheet.ts';

interface Line {
  readonly print: Print;
  readonly version: Version;
  /** Not there where a version was answered and no sheet exposed. */
  readonly sheet?: Sheet;
}

const iso = (atMs: number) => new Date(atMs).toISOString();

function contrast({ print, version }: Line): string {
  const set = contrastSet(print.setup.contrastSetId);
  const name = attempt(() => settingOf(set, version.settingId)).value?.name;
  return `${set.noun} ${name ?? version.settingId}`;
}

/** "roof +0.667; door -0.333": the same in every language. */
const areas = (all: Version['areas']) =>
  all
    .map(({ name, stops }) => `${name} ${stops > 0 ? '+' : ''}${Number(stops.toFixed(3))}`)
    .join('; ');

const hundredths = (value: number) => Number(value.toFixed(2));

/** What the timer was set to, all exposures of a sheet together. */
const dialled = ({ firings }: Sheet) =>
  hundredths(firings.reduce((sum, { seconds }) => sum + seconds, 0));

/** What the paper got: each exposure loses the lamp's lag. */
const lightOf = ({ firings }: Sheet, { lagSeconds }: Print['setup']['lamp']) =>
  hundredths(firings.reduce((sum, { seconds }) => sum + Math.max(0, seconds - lagSeconds), 0));

/** As its bath was told, else as the box of the print says. */
const sizeOf = ({ setup }: Print, sheet?: Sheet) =>
  sheet?.baths ?? (setup.paperSize && paperSize(setup.paperSize));

type Cell = string | number | undefined;

/** The print log, a column each. */
const columns: readonly { readonly name: string; readonly of: (line: Line) => Cell }[] = [
  { name: 'print', of: ({ print }) => print.title },
  { name: 'negative', of: ({ print }) => print.setup.negative },
  { name: 'paper', of: ({ print }) => print.setup.paper },
  { name: 'enlarger', of: ({ print }) => print.setup.enlarger },
  { name: 'lens', of: ({ print }) => print.setup.lens },
  { name: 'head', of: ({ print }) => print.setup.head },
  { name: 'strips', of: ({ print }) => print.strips.length },
  { name: 'version', of: ({ version }) => version.number },
  { name: 'contrast', of: contrast },
  { name: 'range_r', of: ({ version }) => version.range },
  { name: 'seconds', of: ({ version }) => Number(version.seconds.toFixed(2)) },
  { name: 'within_stops', of: ({ version }) => Number(version.withinStops.toFixed(3)) },
  { name: 'areas_stops', of: ({ version }) => areas(version.areas) },
  { name: 'key_line_s', of: ({ version }) => version.keyLineSeconds },
  { name: 'flash_share', of: ({ version }) => version.flashShare },
  { name: 'exposed_at', of: ({ sheet }) => sheet && iso(sheet.exposedAtMs) },
  { name: 'dialled_s', of: ({ sheet }) => sheet && dialled(sheet) },
  { name: 'light_s', of: ({ print, sheet }) => sheet && lightOf(sheet, print.setup.lamp) },
  { name: 'width_cm', of: ({ print, sheet }) => sizeOf(print, sheet)?.widthCm },
  { name: 'height_cm', of: ({ print, sheet }) => sizeOf(print, sheet)?.heightCm },
  { name: 'dry_highlight_stops', of: ({ sheet }) => sheet?.verdict?.highlightStops },
  { name: 'dry_blacks', of: ({ sheet }) => sheet?.verdict?.blacks },
  { name: 'dry_contrast', of: ({ sheet }) => sheet?.verdict?.contrast },
  { name: 'marks', of: ({ sheet }) => sheet?.verdict?.marks },
  { name: 'copy', of: ({ sheet }) => sheet?.copy },
  { name: 'copies', of: ({ print }) => print.sheets.filter(({ copy }) => copy).length },
  { name: 'edition', of: ({ print }) => print.edition },
  { name: 'went_to', of: ({ sheet }) => sheet?.went },
  { name: 'toned', of: ({ sheet }) => sheet?.toned },
  { name: 'note', of: ({ print }) => print.note },
  { name: 'made_at', of: ({ print }) => iso(print.madeAtMs) },
  { name: 'print_id', of: ({ print }) => print.id },
  { name: 'sheet_id', of: ({ sheet }) => sheet?.id },
];

const row = (cells: readonly Cell[]) =>
  stringify([cells.map((cell) => guarded(String(cell ?? '')))], { record_delimiter: '\r\n' });

/** The first line of the print log. */
export const logHead = (): string => row(columns.map(({ name }) => name));

/** A print's lines in the log: one for each sheet, and one for a version that no sheet was exposed to. */
export function logLines(print: Print): string {
  return print.versions
    .flatMap((version): Line[] => {
      const sheets = print.sheets.filter((sheet) => sheet.version === version.number);
      const lines = sheets.map((sheet) => ({ print, version, sheet }));
      return lines.length > 0 ? lines : [{ print, version }];
    })
    .map((line) => row(columns.map(({ of }) => of(line))))
    .join('');
}
