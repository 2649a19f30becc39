import { capital } from '../../words/capital.ts';
import {
  agitationScheme,
  processOutcome,
  stepKind,
  type ProcessMoment,
  type ProcessPlan,
} from '@katachron/core';
import { clockTime, countdown } from '../../words/duration.ts';
import { plainList } from '../../words/list.ts';
import { vesselWords } from './vessels.ts';

/** Everything the run screen says, read from across a wet sink. */
export interface RunView {
  /** The step: "Developer". */
  readonly step: string;
  /** What is left, or by how much it has run over. */
  readonly clock: string;
  readonly over: boolean;
  /** What the hands do now. */
  readonly hands: string;
  /** What comes next, nearest first. */
  readonly next: readonly string[];
  /** What Space says that was done. */
  readonly main: string;
  readonly count: string;
  readonly caution: string;
  /** The bar along the bottom: share of the whole, and how far each step has come, per cent. */
  readonly bar: readonly BarPart[];
}

export interface BarPart {
  readonly id: string;
  readonly name: string;
  readonly x: number;
  readonly width: number;
  /** Of its own width, per cent. */
  readonly done: number;
  readonly current: boolean;
}

/** So finely a part is filled, per cent: a bar that is drawn anew at every tick keeps a phone warm. */
const FILLED_BY = 0.5;
/** Space between two parts of the bar, per cent. */
const GAP = 0.25;

function barOf(moment: ProcessMoment): BarPart[] {
  const steps = moment.record.steps.map(({ step }) => step);
  const total = steps.reduce((sum, step) => sum + step.seconds, 0);
  let x = 0;
  return steps.map((step, index) => {
    const width = (100 * step.seconds) / total;
    const { current, record } = moment;
    const state = record.steps[index]!;
    const here = current?.index === index;
    const done = here
      ? Math.min(100, (100 * current.elapsedSeconds) / step.seconds)
      : state.startedAtMs !== undefined
        ? 100
        : 0;
    const part = {
      id: step.id,
      name: `${stepKind(step.kind).name} ${clockTime(step.seconds)}`,
      x,
      width: Math.max(0.2, width - GAP),
      done: Math.round(done / FILLED_BY) * FILLED_BY,
      current: here,
    };
    x += width;
    return part;
  });
}

/** What is still to be done with a film that came out of the last bath. */
const AFTERWARDS = [
  'Weighted, away from dust, 45 minutes to overnight, until it no longer feels tacky',
  'Then cut it and sleeve it',
  'Rinse reels and tank in warm water. Fixer goes back into its bottle; spent, it is collected by local rules',
];

/** What is said of a run that is over: hang it up, or what it lacks. */
function overView(moment: ProcessMoment): Pick<RunView, 'step' | 'hands' | 'next'> {
  const { missing, stopped } = processOutcome(moment.record);
  const lacks = plainList(missing.map(({ kind }) => stepKind(kind).name.toLowerCase()));
  if (stopped) {
    return {
      step: 'Stopped',
      hands: 'Not fixed: keep it dark',
      next: [`It lacks ${lacks}`, 'Undo goes on with it; until it is fixed any light spoils it'],
    };
  }
  if (missing.length > 0) {
    return { step: 'Ended', hands: `Still lacks ${lacks}`, next: ['Undo goes on with it'] };
  }
  return { step: 'Done', hands: 'Hang it up', next: AFTERWARDS };
}

/** What is said of a run that nobody ever ended. */
function forgottenView(elapsedSeconds: number): Pick<RunView, 'clock' | 'hands' | 'next' | 'main'> {
  const days = Math.floor(elapsedSeconds / 86_400);
  return {
    clock: '–:––',
    hands: 'Begun and never ended',
    next: [
      `It went in ${days === 1 ? 'a day' : `${days} days`} ago`,
      'The big button puts it in the logbook as it was',
    ],
    main: 'Stop this run',
  };
}

/** Reads a moment of the process as the words of the screen. */
export function runView(plan: ProcessPlan, moment: ProcessMoment, forgotten = false): RunView {
  const { current, next } = moment;
  const bar = barOf(moment);
  const words = vesselWords[plan.vessel ?? 'tank'];
  const going = plan.clockStart === 'pouring-begins';
  const following = next && stepKind(next.step.kind).inSentence;
  if (!current) {
    const first = plan.steps[0]!;
    const done = moment.hands === 'done';
    const { name, inSentence, caution } = stepKind(first.kind);
    return {
      clock: done ? '0:00' : clockTime(first.seconds),
      over: false,
      ...(done
        ? overView(moment)
        : { step: name, hands: `${capital(inSentence)} at hand`, next: [words.first] }),
      main: done ? 'To the logbook' : going ? words.start : words.startLater,
      count: done ? '' : `1 of ${plan.steps.length}`,
      caution: done ? '' : caution,
      bar,
    };
  }
  const { step, remainingSeconds, nextBurstSeconds, fetchSeconds, pourOutSeconds } = current;
  const { lightSafeSeconds, readSeconds } = current;
  const kind = stepKind(step.kind);
  const scheme = agitationScheme(step.agitation);
  const left = (seconds: number) => clockTime(step.seconds - seconds);
  const hands = {
    'pour-in': '',
    done: '',
    agitate: current.elapsedSeconds < scheme.initialSeconds ? words.keepMoving : words.move(step),
    rest: 'Rest',
    'pour-out': following ? words.out : 'Take it out',
    over: following ? `Time is up: ${following} in` : 'Time is up: take it out',
    'wait-in-water': 'Time is up; it may wait in water',
  }[moment.hands];
  const coming: string[] = [];
  if (moment.hands === 'rest' || moment.hands === 'agitate') {
    if (nextBurstSeconds !== undefined) {
      const verb = moment.hands === 'rest' ? 'Turn again' : 'Next turn';
      coming.push(`${verb} at ${left(nextBurstSeconds)}`);
    }
    const ready = following
      ? current.elapsedSeconds < fetchSeconds
        ? `${capital(following)} ready at ${left(fetchSeconds)}, `
        : `${capital(following)} ready now, `
      : '';
    coming.push(capital(`${ready}pour out at ${left(pourOutSeconds)}`));
    if (readSeconds !== undefined && current.elapsedSeconds >= readSeconds) {
      coming.push('Take a reading');
    }
    if (lightSafeSeconds !== undefined) {
      const safe = current.elapsedSeconds >= lightSafeSeconds;
      coming.push(safe ? 'Light is safe now' : `Light is safe at ${left(lightSafeSeconds)}`);
    }
  } else if (moment.hands === 'pour-out') {
    if (plan.vessel !== 'trays') {
      const keep = (step.afterwards ?? kind.afterwards) === 'keep';
      coming.push(keep ? 'Back into its bottle' : 'Pour it away');
    }
    if (following) coming.push(`Then ${following}, at 0:00`);
  }
  if (forgotten) {
    const { clock, hands: says, next: then, main } = forgottenView(current.elapsedSeconds);
    const { name } = kind;
    return {
      step: name,
      clock,
      over: true,
      hands: says,
      next: then,
      main,
      count: '',
      caution: '',
      bar,
    };
  }
  return {
    step: kind.name,
    clock: countdown(remainingSeconds),
    over: moment.hands === 'over',
    hands,
    next: coming,
    main: next ? words.next(next.step, going) : 'Taken out, done',
    count: `${current.index + 1} of ${plan.steps.length}`,
    caution: kind.caution,
    bar,
  };
}
