import {
  eventsThatCount,
  isForgotten,
  processMoment,
  stepKind,
  type ProcessEvent,
} from '@katachron/core';
import type { WetSide } from '../../bench/clock/wet-side.svelte.ts';
import type { Desk } from '../../bench/desk/desk.svelte.ts';
import type { PlannedRoll } from '../../nouns/roll/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { movedSentence } from '../../words/drift.ts';
import { clockTime, parseDuration } from '../../words/duration.ts';
import { parseReading } from '../../words/reading.ts';
import { degrees, degreesApart } from '../../words/temperature.ts';
import { readingAdvice } from './film-view.ts';
import {
  developerReadings,
  expectedC,
  followedSeconds,
  plannedC,
  secondsFrom,
} from '../../nouns/roll/follow.ts';
import { runView } from './run-view.ts';

/** What of the run is being typed. */
export type Entry = 'temperature' | 'late' | 'note';

/** A reading further than this from what it should be is more likely mistyped than true, °C. */
const DOUBTED_C = 3;
/** A next bath that goes in before this share of the time is left is worth a word. */
const EARLY_SHARE = 0.1;
const NO_BATH_UNDER_C = 0;
const NO_BATH_OVER_C = 60;

/** What a back step takes back: everything that moves the clock. Notes and readings of other baths stay. */
const TAKEN_BACK: readonly ProcessEvent['kind'][] = [
  'poured-in',
  'poured-earlier',
  'retimed',
  'skipped',
  'finished',
];

interface Facts {
  readonly data: () => { readonly roll: PlannedRoll; readonly events: readonly ProcessEvent[] };
  readonly wetSide: WetSide;
  readonly desk: Desk;
  /** The run is over and somebody goes on. */
  readonly leave: (rollId: string) => void;
}

/** A run as its page has it: what happens now, and what a touch does. The markup only shows it. */
export class Run {
  readonly #facts: Facts;
  readonly run = $derived.by(() => this.#facts.data());
  readonly roll = $derived.by(() => this.run.roll);
  readonly events = $derived.by(() => this.#facts.wetSide.eventsOf(this.run));
  readonly moment = $derived.by(() =>
    processMoment(this.roll.plan, this.events, this.#facts.wetSide.nowMs),
  );
  readonly forgotten = $derived.by(() =>
    isForgotten(this.roll.plan, this.moment.record, this.#facts.wetSide.nowMs),
  );
  readonly view = $derived.by(() => runView(this.roll.plan, this.moment, this.forgotten));
  readonly running = $derived.by(() => this.moment.current !== undefined);
  readonly done = $derived.by(() => this.moment.hands === 'done');
  readonly #developer = $derived.by(() =>
    this.moment.record.steps.find(({ step }) => step.kind === 'developer'),
  );
  /** The developer is still in its bottle: a temperature read now moves its time. */
  readonly beforeDeveloper = $derived.by(
    () => this.#developer !== undefined && this.#developer.startedAtMs === undefined,
  );
  readonly readings = $derived.by(() => developerReadings(this.roll, this.moment.record));
  readonly #developing = $derived.by(() =>
    this.moment.current?.step.kind === 'developer' ? this.moment.current : undefined,
  );
  /** The last reading of the bath that is worked in now, or of the developer before it is poured. */
  readonly reading = $derived.by(() => {
    const here = this.beforeDeveloper ? this.#developer?.step.id : this.moment.current?.step.id;
    return this.moment.record.temperatures.findLast(({ stepId }) => stepId === here);
  });
  readonly advice = $derived.by(() => {
    const { reading, readings } = this;
    if (!reading || this.done) return undefined;
    const kind = this.roll.plan.steps.find(({ id }) => id === reading.stepId)?.kind;
    const expected = expectedC(
      this.roll,
      readings.slice(0, -1),
      readings.at(-1)?.seconds ?? 0,
      this.moment.record,
    );
    return readingAdvice(
      { ...this.roll, temperatureC: plannedC(this.roll, this.moment.record) },
      reading.temperatureC,
      kind,
      expected,
    );
  });
  /** The end by all readings, where it is not yet the end in force. */
  readonly followed = $derived.by(() => {
    const developing = this.#developing;
    if (!developing || this.readings.length < 2) return undefined;
    const extra = this.#developer?.extraSeconds ?? 0;
    const seconds = attempt(() => followedSeconds(this.roll, this.readings, extra)).value;
    return seconds === developing.step.seconds ? undefined : seconds;
  });

  opened = $state<Entry | 'plot' | 'more'>();
  typed = $state('');
  trouble = $state<string>();
  said = $state('');
  /** A temperature that is more likely mistyped than true; typed once more it counts. */
  #doubted: number | undefined;

  constructor(facts: Facts) {
    this.#facts = facts;
  }

  /** What the drift plot shows; worked out only while it is open. */
  get plotFacts() {
    const developer = this.#developer;
    const startedAtMs = developer?.startedAtMs;
    if (!developer || startedAtMs === undefined) return undefined;
    const untilMs = developer.endedAtMs ?? this.#facts.wetSide.nowMs;
    const elapsedSeconds = (untilMs - startedAtMs) / 1000;
    const { roll, readings } = this;
    const { unit } = this.#facts.desk.preferences;
    return { roll, readings, elapsedSeconds, endSeconds: developer.step.seconds, unit };
  }

  /** What the reading means, in a sentence. */
  get warning(): string | undefined {
    const { advice, reading } = this;
    const { unit } = this.#facts.desk.preferences;
    if (!advice || !reading) return undefined;
    const here = `${degrees(reading.temperatureC, unit)}`;
    if (advice.kind === 'baths-apart') {
      const planned = degrees(plannedC(this.roll, this.moment.record), unit);
      return `${here} here, ${planned} in the developer. ${advice.sentence}`;
    }
    const from = this.roll.drift ? 'what the drift foretold' : 'what the time was worked out for';
    const apart = degreesApart(stepKind('developer').toleranceC, unit);
    return `${here} is more than ${apart} from ${from}.`;
  }

  open(which: Entry): void {
    this.typed = which === 'late' ? '40' : '';
    this.trouble = undefined;
    this.#doubted = undefined;
    this.opened = which;
  }

  close(): void {
    this.opened = undefined;
  }

  #record(event: Parameters<WetSide['record']>[1], atMs?: number): ProcessEvent {
    return this.#facts.wetSide.record(this.roll.id, event, atMs);
  }

  /** What the big button says. */
  main(): void {
    const { moment } = this;
    this.said = '';
    if (this.done) this.#facts.leave(this.roll.id);
    else if (this.forgotten) this.#endForgotten();
    else if (moment.next) this.#pour(moment.next.step.id);
    else this.#record({ kind: 'finished' });
  }

  #pour(stepId: string): void {
    const { current } = this.moment;
    this.#record({ kind: 'poured-in', stepId });
    if (!current || stepKind(current.step.kind).water) return;
    const { remainingSeconds, step } = current;
    if (remainingSeconds > step.seconds * EARLY_SHARE) {
      this.said = `${clockTime(remainingSeconds)} early; Undo takes it back.`;
    }
  }

  /** Nobody knows when it really ended: the bath it was in gets its planned time, and a note says so. */
  #endForgotten(): void {
    const { current } = this.moment;
    if (!current) return;
    const endedAtMs = current.startedAtMs + Math.round(current.step.seconds * 1000);
    this.#record({ kind: 'note', text: 'Never ended; closed later, its end is not known.' });
    this.#record({ kind: 'finished' }, Math.max(endedAtMs, current.startedAtMs + 1));
  }

  keepTemperature(): void {
    const { unit } = this.#facts.desk.preferences;
    const { thermometer } = this.#facts.desk;
    const read = attempt(() => parseReading(this.typed, unit, thermometer));
    const { value } = read;
    const none = value !== undefined && (value > NO_BATH_OVER_C || value < NO_BATH_UNDER_C);
    this.trouble = read.trouble ?? (none ? 'That is no bath for film.' : this.#doubt(value ?? 0));
    if (this.trouble || value === undefined) return;
    const { beforeDeveloper } = this;
    const developer = this.#developer;
    if (beforeDeveloper && developer) {
      this.#pouringSoon(developer.step.id, developer.step.seconds, value);
      return;
    }
    const stepId = this.moment.current?.step.id;
    this.#record({
      kind: 'temperature',
      temperatureC: value,
      ...(stepId && { stepId }),
      ...this.#readBy,
    });
    // Where the drift is followed a reading moves the end by itself; otherwise it is offered.
    if (this.roll.drift) this.follow();
    this.close();
  }

  /** By which thermometer, where it was compared. */
  get #readBy() {
    const { thermometer } = this.#facts.desk;
    return thermometer ? { by: thermometer.name } : {};
  }

  /** A reading that no bath can have come to is asked about; the same once more is taken. */
  #doubt(temperatureC: number): string | undefined {
    const { unit } = this.#facts.desk.preferences;
    const { record, current } = this.moment;
    const elapsed = current?.elapsedSeconds ?? 0;
    const developing = this.#developing !== undefined;
    const expected = developing
      ? expectedC(this.roll, this.readings, elapsed, record)
      : plannedC(this.roll, record);
    const far = Math.abs(temperatureC - expected) > DOUBTED_C + 1e-9;
    if (!far || this.#doubted === temperatureC) return undefined;
    this.#doubted = temperatureC;
    return `${degrees(temperatureC, unit)}${unit}? By now it should be near ${degrees(expected, unit)}. Look again; Save once more keeps it.`;
  }

  /** Just before pouring the developer: its time is worked out anew from what it reads now. */
  #pouringSoon(stepId: string, before: number, temperatureC: number): void {
    const { unit } = this.#facts.desk.preferences;
    const answer = attempt(() => secondsFrom(this.roll, temperatureC), unit);
    this.trouble = answer.trouble;
    if (answer.value === undefined) return;
    this.#record({ kind: 'temperature', temperatureC, stepId, ...this.#readBy });
    if (answer.value !== before) {
      this.#record({ kind: 'retimed', stepId, seconds: answer.value, because: 'temperature' });
    }
    this.said = `Developer at ${degrees(temperatureC, unit)}: ${clockTime(answer.value)} instead of ${clockTime(before)}.`;
    this.close();
  }

  /** Takes the last reading back, and with it the end that it moved. */
  takeReadingBack(): void {
    const counting = eventsThatCount(this.events);
    const place = counting.findLastIndex(({ kind }) => kind === 'temperature');
    const reading = counting[place];
    if (!reading) return;
    const moved = counting[place + 1];
    if (moved?.kind === 'retimed' && isByReading(moved)) {
      this.#record({ kind: 'undone', eventId: moved.id });
    }
    this.#record({ kind: 'undone', eventId: reading.id });
    this.said = 'The reading is taken back; the log keeps it.';
  }

  /** A minute on top, from the end in force or, when that is past, from now. */
  minuteMore(): void {
    const { current } = this.moment;
    if (!current) return;
    const { step, elapsedSeconds } = current;
    const seconds = Math.max(step.seconds, Math.ceil(elapsedSeconds)) + 60;
    this.#record({ kind: 'retimed', stepId: step.id, seconds, because: 'extra' });
    this.said = `A minute more: to ${clockTime(seconds)}.`;
  }

  leaveOut(): void {
    const { next } = this.moment;
    if (!next || !this.running) return;
    this.#record({ kind: 'skipped', stepId: next.step.id });
    this.said = `${stepKind(next.step.kind).name} is left out. Undo brings it back.`;
  }

  quickNote(text: string): void {
    if (!this.running) return;
    this.#record({ kind: 'note', text });
    this.said = `Noted: ${text}`;
  }

  /** Ends the developer when all that was read says that it is done. */
  follow(): void {
    const developing = this.#developing;
    const { followed } = this;
    if (!developing || followed === undefined) return;
    const { step } = developing;
    this.said = movedSentence(step.seconds, followed);
    this.#record({
      kind: 'retimed',
      stepId: step.id,
      seconds: followed,
      because: 'temperature',
    });
  }

  keepLate(): void {
    const read = attempt(() => parseDuration(this.typed));
    this.trouble = read.trouble;
    if (read.value === undefined) return;
    const { moment } = this;
    const target = moment.current?.step.id ?? moment.next?.step.id;
    if (!target) return;
    const atMs = Date.now();
    const before = moment.record.steps
      .slice(0, moment.current?.index ?? 0)
      .findLast((step) => step.startedAtMs !== undefined);
    if (before?.startedAtMs !== undefined && atMs - read.value * 1000 < before.startedAtMs) {
      this.trouble = `The bath before went in ${clockTime((atMs - before.startedAtMs) / 1000)} ago; this one cannot have been earlier.`;
      return;
    }
    if (!moment.current) this.#record({ kind: 'poured-in', stepId: target }, atMs - 1);
    this.#record({ kind: 'poured-earlier', stepId: target, seconds: read.value }, atMs);
    this.said = `Start moved back by ${clockTime(read.value)}.`;
    this.close();
  }

  keepNote(): void {
    const text = this.typed.trim();
    this.trouble = text === '' ? 'Type what happened.' : undefined;
    if (this.trouble) return;
    this.#record({ kind: 'note', text });
    this.said = 'Noted.';
    this.close();
  }

  /** A run that goes no further: spilled, or only a trial. What happened so far is in the logbook. */
  stop(): void {
    if (!this.running) return;
    this.close();
    this.#record({ kind: 'finished' });
    this.said = 'Stopped here. Undo goes on with it.';
  }

  undo(): void {
    const counting = eventsThatCount(this.events);
    const last = counting.findLast(({ kind }) => TAKEN_BACK.includes(kind));
    if (!last) return;
    // An end that a reading moved goes with its reading.
    if (last.kind === 'retimed' && isByReading(last)) {
      const place = counting.indexOf(last);
      const reading = counting[place - 1];
      this.#record({ kind: 'undone', eventId: last.id });
      if (reading?.kind === 'temperature') this.#record({ kind: 'undone', eventId: reading.id });
    } else {
      this.#record({ kind: 'undone', eventId: last.id });
    }
    this.said = 'Taken back; the log keeps both.';
  }
}

const isByReading = ({ because = 'temperature' }: { readonly because?: string | undefined }) =>
  because === 'temperature';
