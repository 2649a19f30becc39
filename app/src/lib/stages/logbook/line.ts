import { contrastSet, formatDilution, settingOf } from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { clockTime, enlargerSeconds } from '../../words/duration.ts';
import { signedStops } from '../../words/fraction.ts';
import { degrees, type Unit } from '../../words/temperature.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { latestVersion } from '../../nouns/print/latest.ts';
import type { Version } from '../../nouns/print/sheet.ts';
import { type Roll } from '../../nouns/roll/contract.ts';
import { filmOf, isPlanned } from '../../nouns/roll/film-of.ts';

/** A line of the logbook as it is read. */
export interface LogbookLine {
  readonly id: string;
  readonly kind: Entry['kind'];
  readonly href: string;
  readonly atMs: number;
  readonly title: string;
  readonly under: string;
  /** The film, or the paper. */
  readonly on: string;
  readonly answer: string;
  readonly detail: string;
  readonly count: string;
  readonly tags: readonly string[];
}

export type Entry =
  | { readonly kind: 'roll'; readonly entry: Roll }
  | { readonly kind: 'print'; readonly entry: Print };

const states: Record<Roll['state'], string> = {
  exposed: 'exposed, waits for the sink',
  planned: 'planned, not poured',
  developing: 'in the tank now',
  stopped: 'stopped before the fix',
  developed: 'developed',
  proofed: 'proofed',
};

/** "filter 2½": how a print's contrast is written. */
export function settingWords(print: Print, { settingId } = latestVersion(print)): string {
  const set = contrastSet(print.setup.contrastSetId);
  const setting = attempt(() => settingOf(set, settingId)).value;
  return `${set.noun} ${setting?.name ?? settingId}`;
}

/** "roof +⅔, corners +½", or "straight". */
export function areaWords({ areas }: Version): string {
  if (areas.length === 0) return 'straight';
  return areas.map(({ name, stops }) => `${name} ${signedStops(stops)}`).join(', ');
}

function rollLine(roll: Roll, unit: Unit): LogbookLine {
  const { exposureIndex, exposed } = roll;
  const planned = isPlanned(roll) ? roll : undefined;
  const film = `${filmOf(roll).film} at EI ${exposureIndex}`;
  return {
    ...{ id: roll.id, kind: 'roll' as const, tags: roll.tags ?? [] },
    href: planned ? `/logbook/rolls/${roll.id}` : `/film/rolls/${roll.id}`,
    atMs: roll.madeAtMs,
    title: roll.title,
    under: planned
      ? `${planned.recipe.developer} ${formatDilution(planned.recipe.dilution)}`
      : (exposed?.subject ?? ''),
    on: film,
    answer: planned
      ? `${clockTime(planned.developmentSeconds)} at ${degrees(planned.temperatureC, unit)}`
      : '',
    detail: states[roll.state],
    count: 'roll',
  };
}

const counted = (count: number, noun: string) => `${count} ${noun}${count === 1 ? '' : 's'}`;

function printLine(print: Print): LogbookLine {
  const strips = print.strips.length;
  const sheets = print.sheets.length;
  const version = latestVersion(print);
  const { timerStepSeconds } = print.setup.lamp;
  return {
    ...{ id: print.id, kind: 'print' as const, tags: print.tags ?? [] },
    href: `/logbook/prints/${print.id}`,
    atMs: print.madeAtMs,
    title: print.title,
    under: print.setup.negative,
    on: print.setup.paper,
    answer: `${enlargerSeconds(version.seconds, timerStepSeconds)} s, ${settingWords(print)}`,
    detail: areaWords(version),
    count: [counted(strips, 'strip'), sheets > 1 && counted(sheets, 'sheet')]
      .filter(Boolean)
      .join(', '),
  };
}

export function lineOf(entry: Entry, unit: Unit): LogbookLine {
  return entry.kind === 'roll' ? rollLine(entry.entry, unit) : printLine(entry.entry);
}
