import { processRecord, type ProcessRecord } from '@katachron/core';
import type { Fired } from '../../bench/clock/fired.ts';
import { partsOf, type PartOfRun, type ProcessOf } from '../../nouns/process/parts.ts';
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

/** What began longer ago belongs to another evening, ms. */
const AN_EVENING_MS = 12 * 3_600_000;
/** Paper that was exposed and put nowhere for so long was thrown away, ms. */
const LEFT_LYING_MS = 30 * 60_000;

/** A task with its real starts: what has begun stays where it is. */
function follow(
  task: Pick<NamedTask, 'id' | 'name'>,
  usual: readonly NamedStep[],
  real: readonly PartOfRun[],
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
  return follow({ id: `roll ${id}#roll`, name: title }, usual, real, beginMs);
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
  const lit =
    fromMs === undefined
      ? []
      : [
          {
            ...{ id: 'fire', fromMs, over: toMs !== undefined },
            seconds:
              toMs === undefined
                ? Math.max(fire.seconds, (nowMs - fromMs) / 1000)
                : (toMs - fromMs) / 1000,
          },
        ];
  const inTrays = record ? partsOf(kind, record, nowMs) : [];
  const words = kind === 'strip' && number !== undefined ? String(number) : '';
  const name = named(kind, print?.name ?? sheet?.title ?? 'not named', words);
  const task = { id: `print ${thing}#${words ? `strip-${words}` : kind}`, name };
  return follow(task, usual, [...(lit as PartOfRun[]), ...inTrays], beginMs);
}

const isRead = ({ thing, kind, number }: Fired, prints: readonly PrintWaiting[]) => {
  const first = prints.find(({ id }) => id === thing)?.firstStrip;
  return kind === 'strip' && number !== undefined && first !== undefined && number < first;
};

const begunPart = ({ steps, begunSeconds = [] }: NamedTask): NamedTask['steps'] =>
  steps.slice(0, begunSeconds.length);

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
  const recent = fired.filter(
    ({ id, fromMs, toMs, out }) =>
      sheets.some(({ firedId }) => firedId === id) ||
      (nowMs - (toMs ?? fromMs ?? out?.events[0]?.atMs ?? 0) < AN_EVENING_MS &&
        (out !== undefined || nowMs - (toMs ?? fromMs ?? 0) < LEFT_LYING_MS)),
  );
  for (const one of recent) {
    const task = paperTask(one, underWay, nowMs, beginMs, learned);
    const lies = sheets.some(({ firedId }) => firedId === one.id);
    // A strip is over once it was read; a print once it is out of its wash.
    const done =
      isRead(one, prints) || (one.out !== undefined && !(one.kind === 'strip' && one.number));
    if (done && !lies) over.push({ ...task, steps: begunPart(task) });
    else if (!(isRead(one, prints) && lies)) open.push(task);
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
  return { open: open.filter(({ begunSeconds = [] }) => begunSeconds.length > 0), over };
}
