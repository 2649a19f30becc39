import {
  isForgotten,
  processMoment,
  stepKind,
  type ProcessMoment,
  type StepKindId,
} from '@katachron/core';
import { bathPlace } from '../../nouns/bath/places.ts';
import type { StandingBath } from '../../nouns/bath/standing.ts';
import type { Sheet } from '../clock/sheets.ts';
import type { RollRun } from '../clock/wet-side.svelte.ts';

/** A tray of the sink, in the order of the process. */
export interface Tray {
  readonly id: string;
  readonly name: string;
  /** The steps that are done in it. */
  readonly kinds: readonly StepKindId[];
  /** Stands in the sink only while something lies in it. */
  readonly onlyWhenUsed?: boolean;
  /** Its temperature decides the time: the last one read stands in it while it is empty. */
  readonly showsTemperature?: boolean;
}

/** A bottle that comes to its temperature: it stands in either sink. */
const waterBath: Tray = {
  id: 'water-bath',
  name: 'Water bath',
  kinds: ['warming'],
  onlyWhenUsed: true,
};

const filmTrays: readonly Tray[] = [
  { id: 'soak', name: 'Pre-soak', kinds: ['pre-soak'], onlyWhenUsed: true },
  {
    id: 'developer',
    name: 'Developer',
    kinds: ['developer', 'second-developer'],
    showsTemperature: true,
  },
  { id: 'stop', name: 'Stop', kinds: ['stop', 'water-stop'] },
  { id: 'fix', name: 'Fix', kinds: ['fix', 'second-fix'] },
  { id: 'wash', name: 'Wash', kinds: ['rinse', 'wash', 'washing-aid', 'fill-and-dump'] },
  { id: 'wetting', name: 'Wetting agent', kinds: ['wetting-agent'] },
  waterBath,
];

const printTrays: readonly Tray[] = [
  { id: 'developer', name: 'Developer', kinds: ['print-developer'], showsTemperature: true },
  { id: 'stop', name: 'Stop', kinds: ['print-stop'] },
  { id: 'fix', name: 'Fix', kinds: ['print-short-fix', 'print-fix'] },
  { id: 'second-fix', name: 'Second fix', kinds: ['print-second-fix'], onlyWhenUsed: true },
  { id: 'hold', name: 'Holding water', kinds: ['print-hold'], onlyWhenUsed: true },
  { id: 'washing-aid', name: 'Washing aid', kinds: ['print-washing-aid'], onlyWhenUsed: true },
  { id: 'toner', name: 'Toner', kinds: ['print-toner'], onlyWhenUsed: true },
  { id: 'wash', name: 'Wash', kinds: ['print-rinse', 'print-wash'] },
  { id: 'dry', name: 'Drying', kinds: ['print-dry'], onlyWhenUsed: true },
  {
    id: 'drum',
    name: 'Drum',
    kinds: ['drum-warming', 'drum-developer', 'drum-bleach-fix', 'drum-wash'],
    onlyWhenUsed: true,
  },
  waterBath,
];

/** The two ways through the sink, and the trays of each. */
export const sinks = { film: filmTrays, print: printTrays } as const;
export type SinkKind = keyof typeof sinks;

/** Something that lies in a tray now. */
export interface Lying {
  readonly id: string;
  readonly name: string;
  readonly moment: ProcessMoment;
  /** It was begun so long ago that nobody can still be at it. */
  readonly forgotten: boolean;
  readonly run?: RollRun;
  readonly sheet?: Sheet;
}

/** Everything under way at an instant, rolls first. */
export function lyingAt(
  runs: readonly RollRun[],
  sheets: readonly Sheet[],
  nowMs: number,
): Lying[] {
  const rolls = runs.map((run): Lying => {
    const moment = processMoment(run.roll.plan, run.events, nowMs);
    const forgotten = isForgotten(run.roll.plan, moment.record, nowMs);
    return { id: run.roll.id, name: run.roll.title, moment, forgotten, run };
  });
  const papers = sheets.map((sheet): Lying => {
    const moment = processMoment(sheet.plan, sheet.events, nowMs);
    const forgotten = isForgotten(sheet.plan, moment.record, nowMs);
    return { id: sheet.id, name: sheet.name, moment, forgotten, sheet };
  });
  return [...rolls, ...papers].filter(({ moment }) => moment.current !== undefined);
}

/** Those whose time is up next, or has been up longest, first. */
export const nearestFirst = (lying: readonly Lying[]) =>
  lying.toSorted((a, b) => a.moment.current!.remainingSeconds - b.moment.current!.remainingSeconds);

/** What lies in a tray, the nearest to its end first. */
export function inTray(tray: Tray, lying: readonly Lying[]): Lying[] {
  return nearestFirst(lying.filter(({ moment }) => tray.kinds.includes(moment.current!.step.kind)));
}

/** The one whose time is up next, or has been up longest. */
export function nearest(lying: readonly Lying[]): Lying | undefined {
  return nearestFirst(lying)[0];
}

/** The last temperature read in a tray, of any roll; what was typed for a roll is its developer's. */
export function lastTemperature(
  runs: readonly RollRun[],
  { kinds }: Pick<Tray, 'kinds'>,
): { temperatureC: number; atMs: number } | undefined {
  const here = (stepId: string) => kinds.some((kind) => kind === stepId);
  return runs
    .flatMap(({ roll, events }) => [
      ...(here('developer') ? [{ temperatureC: roll.temperatureC, atMs: roll.madeAtMs }] : []),
      ...events.flatMap((event) =>
        event.kind === 'temperature' && here(event.stepId ?? 'developer')
          ? [{ temperatureC: event.temperatureC, atMs: event.atMs }]
          : [],
      ),
    ])
    .sort((a, b) => b.atMs - a.atMs)[0];
}

/** The bath that stands in a tray, as what lies in the sink names it. */
export function bathIn(
  tray: Tray,
  lying: readonly Lying[],
  standing: readonly StandingBath[],
): StandingBath | undefined {
  const ids = lying
    .flatMap(({ run, sheet }) => run?.roll.baths?.baths ?? sheet?.through ?? [])
    .filter(({ place }) => bathPlace(place).kinds.some((kind) => tray.kinds.includes(kind)))
    .map(({ id }) => id);
  return standing.find(({ id }) => ids.includes(id));
}

/** A reading older than this says nothing about the bath, ms. */
const STALE_MS = 12 * 3_600_000;

/** A reading, while it still says something. */
export function fresh<Reading extends { readonly atMs: number }>(
  reading: Reading | undefined,
  nowMs: number,
): Reading | undefined {
  return reading && nowMs - reading.atMs < STALE_MS ? reading : undefined;
}

/** The short fix is over: it may be looked at in white light, and waits for a decision. */
export function mayBeLookedAt({ moment }: Lying): boolean {
  const { current } = moment;
  return current?.step.kind === 'print-short-fix' && current.remainingSeconds <= 0;
}

/** The usual caution of what is done in a tray while something lies in it; what may be looked at says its own. */
export function trayCaution(lying: readonly Lying[]): string {
  const kinds = lying.map(({ moment }) => moment.current!.step.kind);
  const cautions = kinds.map((kind) => (kind === 'print-short-fix' ? '' : stepKind(kind).caution));
  return cautions.find(Boolean) ?? '';
}

/** A tray's state in a word. */
export function trayWord(lying: readonly Lying[]): string {
  if (lying.length === 0) return 'empty';
  if (lying.some(mayBeLookedAt)) return 'fixed enough to look';
  if (lying.some(({ moment }) => moment.hands === 'over')) return 'time is up';
  if (lying.some(({ moment }) => moment.hands === 'wait-in-water')) return 'may wait here';
  if (lying.some(({ moment }) => moment.hands === 'pour-out')) return 'lift out';
  return lying.length === 1 ? 'one in' : `${lying.length} in`;
}
