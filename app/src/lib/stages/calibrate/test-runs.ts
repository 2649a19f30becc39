import { format } from 'date-fns';
import type { TestKind } from '../../nouns/calibration/kinds/kind.ts';
import { sameName } from '../../words/same-name.ts';
import { cellsOf, textOf } from '../../nouns/calibration/fields/tables.ts';
import type { TestRun } from '../../nouns/roll/test-runs.server.ts';
import { clockTime } from '../../words/duration.ts';

/** More of a film than these are not looked through for its test. */
const MOST_SHOWN = 8;

/** A roll that was developed, or is on its way, as a test shows it. */
export interface RunLine {
  readonly run: TestRun;
  readonly line: string;
  /** Where it goes on, as long as it was not developed. */
  readonly href?: string;
}

/** The runs of a test's film, those that were exposed for it first. */
export function runLines(kind: TestKind, film: string, runs: readonly TestRun[]): RunLine[] {
  const meant = ({ test }: TestRun) => (test === kind.id ? 0 : 1);
  return runs
    .filter((run) => sameName(run.film, film))
    .toSorted((a, b) => meant(a) - meant(b))
    .slice(0, MOST_SHOWN)
    .map((run): RunLine => {
      const { developed, id, state } = run;
      if (developed) {
        const day = format(developed.atMs, 'd MMMM yyyy');
        return { run, line: `${clockTime(developed.seconds)} in the developer, ${day}` };
      }
      return state === 'exposed'
        ? { run, line: 'waits for the sink', href: `/film?roll=${id}` }
        : { run, line: 'in the sink', href: `/film/run/${id}` };
    });
}

/** The test's field with the time of a run: in the first development that has none, or in a new one. */
export function withRunTime(kind: TestKind, text: string, seconds: number): string {
  const name = kind.developedInto;
  const shape = name && kind.fields[name]?.shape;
  if (!shape || shape.is !== 'columns') return clockTime(seconds);
  const line = Object.keys(shape.heads).indexOf('seconds');
  const cells = cellsOf(text);
  const times = cells[line] ?? [];
  const free = Array.from({ length: shape.most }, (_, at) => at).find(
    (at) => (times[at] ?? '').trim() === '',
  );
  if (free === undefined) return text;
  const rows = Math.max(cells.length, line + 1);
  return textOf(
    Array.from({ length: rows }, (_, row) => {
      const width = Math.max(cells[row]?.length ?? 0, row === line ? free + 1 : 0);
      return Array.from({ length: width }, (_column, at) =>
        row === line && at === free ? clockTime(seconds) : (cells[row]?.[at] ?? ''),
      );
    }),
  );
}

/** Where the film of a test is written down, to be developed in a run of its own. */
export function newRollHref(kind: TestKind, film: string, exposureIndex: string): string {
  const asked = new URLSearchParams({ test: kind.id, film, ei: exposureIndex });
  return `/film/rolls/new?${asked}`;
}
