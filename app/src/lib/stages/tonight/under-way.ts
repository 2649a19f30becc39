import { processRecord, type ProcessRecord } from '@katachron/core';
import type { Fired } from '../../bench/clock/fired.ts';
import type { RollRun } from '../../bench/clock/wet-side.svelte.ts';
import { partsOf, type ProcessOf } from '../../nouns/process/parts.ts';
import { named, type NamedTask } from './evening-tasks.ts';
import type { NamedStep } from './task-kinds.ts';
import { stepsOf, type Learned } from './times.ts';
import type { PrintWaiting } from './tonight-view.ts';

/** Something in a bath, with what happened to it. */
export interface InABath {
  readonly id: string;
  readonly title: string;
  readonly record: ProcessRecord;
  /** Of paper: which of those that were fired here. */
  readonly firedId?: string;
}

/** What is under way, or was tonight. */
export interface UnderWay {
  readonly rolls: readonly InABath[];
  readonly sheets: readonly InABath[];
  readonly fired: readonly Fired[];
  readonly prints: readonly PrintWaiting[];
}

/** A step that is known of, with its real beginning. */
interface Real {
  readonly id: string;
  readonly fromMs?: number;
  readonly seconds: number;
}

/** What began longer ago belongs to another evening, ms. */
const AN_EVENING_MS = 12 * 3_600_000;
/** Paper that was exposed and put nowhere for so long was thrown away, ms. */
const LEFT_LYING_MS = 30 * 60_000;

/** A task with its real starts: what has begun stays where it is. */
function follow(
  task: Pick<NamedTask, 'id' | 'name' | 'href'>,
  usual: readonly NamedStep[],
  real: readonly Real[],
  beginMs: number,
): NamedTask {
  const last = usual.findLastIndex(({ id }) =>
    real.some((part) => part.id === id && part.fromMs !== undefined),
  );
  const steps: NamedStep[] = [];
  const begunSeconds: number[] = [];
  usual.forEach((step, at) => {
    const part = real.find(({ id }) => id === step.id);
    if (part?.fromMs !== undefined) {
      begunSeconds.push((part.fromMs - beginMs) / 1000);
      steps.push({ ...step, seconds: part.seconds });
      // What comes before the first thing that is known of, or between, was done unseen.
    } else if (at > last) steps.push(part ? { ...step, seconds: part.seconds } : step);
  });
  return { ...task, steps, begunSeconds };
}

function rollTask(
  { id, title, record }: InABath,
  nowMs: number,
  beginMs: number,
  learned: Learned,
) {
  const real = partsOf('film', record, nowMs);
  const known = stepsOf('roll', {}, learned);
  // What its plan does not have is not to come.
  const usual = known.filter(
    (step) => real.some((part) => part.id === step.id) || ['hang', 'dry'].includes(step.id),
  );
  return follow(
    { id: `roll ${id}#roll`, name: title, href: `/film/run/${id}` },
    usual,
    real,
    beginMs,
  );
}

/** Paper that was fired: lit, in the trays, or to be looked at. */
function paperTask(
  fired: Fired,
  { sheets, prints }: UnderWay,
  nowMs: number,
  beginMs: number,
  learned: Learned,
): NamedTask {
  const { id, thing, kind, number, fromMs, toMs, out } = fired;
  const print = prints.find((one) => one.id === thing);
  const sheet = sheets.find(({ firedId }) => firedId === id);
  const usual = stepsOf(kind, { fibre: print?.fibre ?? false }, learned).filter(
    // What is judged next is a task of its own.
    ({ id: step }) => step !== 'judge' || print?.does !== 'judge',
  );
  const record = sheet?.record ?? (out && processRecord(out.plan, out.events));
  const fire = usual.find((step) => step.id === 'fire')!;
  const underLamp = (from: number): Real => ({
    ...{ id: 'fire', fromMs: from },
    seconds:
      toMs === undefined ? Math.max(fire.seconds, (nowMs - from) / 1000) : (toMs - from) / 1000,
  });
  const lit = fromMs === undefined ? [] : [underLamp(fromMs)];
  const inTrays = record ? partsOf(kind, record, nowMs) : [];
  const words = kind === 'strip' && number !== undefined ? String(number) : '';
  const name = named(kind, print?.name ?? sheet?.title ?? 'not named', words);
  const task = {
    ...{ id: `print ${thing}#${words ? `strip-${words}` : kind}`, name },
    ...(print && { href: print.href }),
  };
  return follow(task, usual, [...lit, ...inTrays], beginMs);
}

/** Its strip was looked at: what was picked on it stands on its page. */
const isRead = ({ thing, kind, number }: Fired, prints: readonly PrintWaiting[]) => {
  const first = prints.find(({ id }) => id === thing)?.firstStrip;
  return kind === 'strip' && number !== undefined && first !== undefined && number < first;
};

/** Is it of tonight? Paper that was exposed and lies nowhere is soon nothing any more. */
function isOfTonight({ fromMs, toMs, out }: Fired, nowMs: number): boolean {
  const last = toMs ?? fromMs ?? out?.events[0]?.atMs ?? 0;
  return nowMs - last < (out ? AN_EVENING_MS : LEFT_LYING_MS);
}

/** Nothing is to be done with it any more: a strip waits to be read, everything else is over out of its last tray. */
const isOver = (one: Fired, prints: readonly PrintWaiting[]) =>
  isRead(one, prints) ||
  (one.out !== undefined && (one.kind !== 'strip' || one.number === undefined));

const begunPart = ({ steps, begunSeconds = [] }: NamedTask): NamedTask['steps'] =>
  steps.slice(0, begunSeconds.length);

/** Of two papers of one strip, or two sheets of a print, the first stands for what was planned. */
const eachItself = (tasks: readonly NamedTask[]): NamedTask[] =>
  tasks.map((task, at) => {
    const before = tasks.slice(0, at).filter(({ id }) => id === task.id).length;
    return before === 0 ? task : { ...task, id: `${task.id}-${before + 1}` };
  });

/** Film that came out of its last bath tonight. */
export const finishedTonight = (runs: readonly RollRun[], nowMs: number): InABath[] =>
  runs
    .map(({ roll, events }) => ({
      ...{ id: roll.id, title: roll.title, record: processRecord(roll.plan, events) },
    }))
    .filter(({ record }) => nowMs - (record.finishedAtMs ?? 0) < AN_EVENING_MS);

/** The tasks that are under way, and those of tonight that are over, each with its real starts. */
export function followed(
  underWay: UnderWay,
  nowMs: number,
  beginMs: number,
  learned: Learned,
): { readonly open: NamedTask[]; readonly over: NamedTask[] } {
  const { rolls, sheets, fired, prints } = underWay;
  const open: NamedTask[] = [];
  const over: NamedTask[] = [];
  for (const roll of rolls) {
    const task = rollTask(roll, nowMs, beginMs, learned);
    if (roll.record.finishedAtMs === undefined) open.push(task);
    else over.push({ ...task, steps: begunPart(task) });
  }
  for (const one of fired) {
    const lies = sheets.some(({ firedId }) => firedId === one.id);
    if (!lies && !isOfTonight(one, nowMs)) continue;
    const task = paperTask(one, underWay, nowMs, beginMs, learned);
    if (!isOver(one, prints)) open.push(task);
    // Read already, and not thrown away yet: nobody waits for it.
    else if (!lies) over.push({ ...task, steps: begunPart(task) });
  }
  const withoutFiring = sheets.filter(({ firedId }) => fired.every(({ id }) => id !== firedId));
  for (const { id, title, record } of withoutFiring) {
    const of: ProcessOf = record.steps.some(({ step }) => step.kind === 'drum-developer')
      ? 'colour'
      : 'print';
    const usual = stepsOf(of, {}, learned).filter((step) => step.id !== 'fire');
    const real = partsOf(of, record, nowMs);
    open.push(follow({ id: `sheet ${id}`, name: title }, usual, real, beginMs));
  }
  const begun = open.filter(({ begunSeconds = [] }) => begunSeconds.length > 0);
  return { open: eachItself(begun), over: eachItself(over) };
}
