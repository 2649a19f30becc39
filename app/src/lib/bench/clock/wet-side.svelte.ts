import { newId } from '../../kit/new-id.ts';
import {
  developerByFactor,
  eventsThatCount,
  processMoment,
  type Cue,
  sheetPlan,
  type ProcessEvent,
  type ProcessPlan,
  type ToneFactor,
} from '@katachron/core';
import { getContext, setContext } from 'svelte';
import { get, put, worthRepeating } from '../../kit/client.ts';
import type { Through } from '../../nouns/bath/through.ts';
import type { PlannedRoll } from '../../nouns/roll/contract.ts';
import type { ClockTick, Clocked } from './messages.ts';
import { watchKeeping } from '../../kit/kept-list.ts';
import { OUTBOX_KEY, forgetSent, isRollEvent, keepUnsent, pathOf, unsent } from './outbox.ts';
import { pouredWords } from './poured-words.ts';
import { SEEN_KEY, forgetFinished, keepSeen, seenEvents } from './seen.ts';
import { FIRED_KEY, changeFired, keptFired, type Fired, type FiredOf } from './fired.ts';
import { SHEETS_KEY, changeSheets, keptSheets, type Sheet } from './sheets.ts';
import type { SpokenContext } from './sounds/sound.ts';
import { Speaker } from './speaker.ts';
import { Voice } from './voice.ts';

const CONTEXT = Symbol('wet side');
/** How often what could not be sent is tried again, ms. */
const RETRY_MS = 4000;
/** How often the server is asked what other screens did, while something is under way, ms. */
const FOLLOW_MS = 2000;

/** A roll under way, with what happened to it so far. */
export interface RollRun {
  readonly roll: PlannedRoll;
  readonly events: readonly ProcessEvent[];
}

/** An event that has its id and its instant already, or gets both now. */
export type NewEvent = ProcessEvent extends infer Event
  ? Event extends ProcessEvent
    ? Omit<Event, 'id' | 'atMs'>
    : never
  : never;

/** What is known of a sheet that is laid into the first tray. */
export interface LaidIn {
  /** The sheet of a print that it is. */
  readonly sheetId?: string;
  readonly through?: Through;
  /** The paper that got light. */
  readonly fired?: Fired;
}

/** How cues are to be heard. */
export interface SoundManner {
  readonly soundOn: boolean;
  /** 1 to 5. */
  readonly volume: number;
  readonly spoken: boolean;
  /** Nobody can look: every pour is counted out. */
  readonly dark: boolean;
}

/** What the wet side leans on: the server, and a worker that keeps the clock while the page sleeps. */
export interface Leans {
  readonly put: typeof put;
  readonly get: typeof get;
  readonly worker: () => Pick<Worker, 'postMessage' | 'terminate' | 'onmessage'>;
}

const browser: Leans = {
  ...{ put, get },
  worker: () => new Worker(new URL('./clock.worker.ts', import.meta.url), { type: 'module' }),
};

/** Two sheets of one name within this are one sheet, ms. */
const LAID_IN_ONCE_MS = 1500;
const isCalled = (called: string, name: string) =>
  called === name || called.startsWith(`${name}, no. `);

/** Everything that lies in a bath now, on one clock: the page only looks at it. */
export class WetSide {
  runs = $state.raw<readonly RollRun[]>([]);
  sheets = $state.raw<readonly Sheet[]>([]);
  /** Paper that got light here, lying in the sink or not. */
  fired = $state.raw<readonly Fired[]>([]);
  nowMs = $state(Date.now());
  /** A clock is running and this browser is silent until somebody touches it. */
  soundAsleep = $state(true);
  /** Events that the server has not confirmed. */
  waiting = $state(0);
  /** This browser keeps nothing over a reload: full, or forbidden. */
  unkept = $state(false);
  #worker: ReturnType<Leans['worker']> | undefined;
  readonly #leans: Leans;
  #speaker = new Speaker((awake) => (this.soundAsleep = !awake));
  #voice = new Voice();
  #manner: (() => SoundManner) | undefined;
  #sending = false;
  #laidIn: { name: string; atMs: number } | undefined;

  constructor(runs: readonly RollRun[], nowMs: number, leans = browser) {
    this.runs = runs;
    this.nowMs = nowMs;
    this.#leans = leans;
  }

  /** Starts the clock, in the browser. */
  start(manner: () => SoundManner): () => void {
    this.#manner = manner;
    watchKeeping((unkept) => (this.unkept = unkept));
    this.sheets = keptSheets();
    this.fired = keptFired();
    this.#mergeUnsent();
    this.#worker = this.#leans.worker();
    this.#worker.onmessage = ({ data }: MessageEvent<ClockTick>) => {
      this.nowMs = data.nowMs;
      const { soundOn, volume, spoken } = manner();
      this.#speaker.volume = volume;
      this.#speaker.follow(soundOn ? data.cues.filter(({ atMs }) => atMs >= data.nowMs) : []);
      if (soundOn && spoken) {
        this.#voice.follow(data.cues, data.nowMs, (cue) => this.#contextOf(cue));
      }
    };
    this.#tellWorker();
    const retry = setInterval(() => void this.#send(), RETRY_MS);
    const ask = setInterval(() => void this.#followOthers(), FOLLOW_MS);
    const elsewhere = ({ key }: StorageEvent) => this.#fromOtherTabs(key);
    addEventListener('storage', elsewhere);
    const wake = () => void this.#speaker.wake();
    addEventListener('pointerdown', wake, true);
    addEventListener('keydown', wake, true);
    void this.#send();
    return () => {
      this.#worker?.terminate();
      clearInterval(retry);
      clearInterval(ask);
      removeEventListener('storage', elsewhere);
      removeEventListener('pointerdown', wake, true);
      removeEventListener('keydown', wake, true);
    };
  }

  /** What the server knows now, joined with what it does not know yet; nothing that happened here is dropped. */
  sync(fromServer: readonly RollRun[]): void {
    const here = this.runs;
    const joined = fromServer.map((run) => joinEvents(run, here));
    const others = here.filter(({ roll }) => !fromServer.some((run) => run.roll.id === roll.id));
    this.runs = [...others, ...joined];
    this.#mergeUnsent();
    forgetFinished(this.runs);
    this.#tellWorker();
  }

  /** Another tab of this browser poured, wrote, or moved a sheet. */
  #fromOtherTabs(key: string | null): void {
    if (key === SHEETS_KEY) this.sheets = keptSheets();
    if (key === FIRED_KEY) this.fired = keptFired();
    if (key === SEEN_KEY || key === OUTBOX_KEY) this.#mergeUnsent();
    this.#tellWorker();
  }

  /** What happened on other devices, while anything is open that they could have changed. */
  async #followOthers(): Promise<void> {
    const open = this.runs.filter(({ roll }) => !OVER.includes(roll.state));
    if (open.length === 0 || document.visibilityState !== 'visible') return;
    const also = open.find(({ roll }) => roll.state === 'planned') ?? open[0];
    const { value } = await this.#leans.get<{ runs: RollRun[] }>(
      `/api/v1/runs?also=${also?.roll.id}`,
    );
    if (value && hasNews(value.runs, this.runs)) this.sync(value.runs);
  }

  /** What happened to a roll: what the server knew when the page was read, and what happened here since. */
  eventsOf(run: RollRun): readonly ProcessEvent[] {
    return joinEvents(run, this.runs).events;
  }

  /** Takes a roll up that has not been poured yet, so that its first event has a place. */
  follow(run: RollRun): void {
    const others = this.runs.filter(({ roll }) => roll.id !== run.roll.id);
    this.runs = [...others, joinEvents(run, this.runs)];
    this.#mergeUnsent();
    this.#tellWorker();
  }

  /** One beep at the volume that was just set. */
  tryOut(): void {
    this.#speaker.volume = this.#manner?.().volume ?? this.#speaker.volume;
    this.#speaker.confirm(1);
  }

  /** Sounds outside of any process, such as those of a firing; the answer takes off those that were not heard yet. */
  play(sounds: Parameters<Speaker['play']>[0]): () => void {
    const manner = this.#manner?.();
    if (!manner?.soundOn) return () => undefined;
    this.#speaker.volume = manner.volume;
    return this.#speaker.play(sounds);
  }

  /** Words outside of any process, where they are to be spoken. */
  say(words: string): void {
    const manner = this.#manner?.();
    if (manner?.soundOn && manner.spoken) this.#voice.say(words);
  }

  /** Something happened now (or a moment ago). Shown and kept here first, then sent. */
  record(rollId: string, event: NewEvent, atMs = Date.now()): ProcessEvent {
    const full = { ...event, id: newId(), atMs } as ProcessEvent;
    // On the screen and heard before it is written: writing may fail, and the bath goes on.
    this.#add(rollId, full);
    this.#confirm(rollId, full);
    keepUnsent({ rollId, event: full });
    keepSeen(rollId, full);
    this.nowMs = Math.max(this.nowMs, Date.now());
    this.#tellWorker();
    void this.#send();
    return full;
  }

  /**
   * Lays a strip or a print into the first tray; one of the same name that lies in the sink still gives it a number. What
   * happens to a sheet of a print goes into its record.
   */
  layIn(
    name: string,
    plan: ProcessPlan = sheetPlan(),
    { sheetId, through = [], fired }: LaidIn = {},
  ): void {
    // The second hit of a wet hand is the same sheet; one from another tab is another.
    if (this.#laidIn?.name === name && Date.now() - this.#laidIn.atMs < LAID_IN_ONCE_MS) return;
    this.#laidIn = { name, atMs: Date.now() };
    const alike = this.sheets.filter((sheet) => isCalled(sheet.name, name));
    const first = plan.steps[0]!;
    const event: ProcessEvent = {
      id: newId(),
      atMs: Date.now(),
      kind: 'poured-in',
      stepId: first.id,
    };
    const called = alike.length === 0 ? name : `${name}, no. ${alike.length + 1}`;
    const recorded = sheetId !== undefined && this.sheets.every(({ id }) => id !== sheetId);
    const sheet: Sheet = {
      ...{ id: recorded ? sheetId : newId(), name: called, plan, events: [event] },
      ...(recorded && { recorded }),
      ...(through.length > 0 && { through }),
      ...(fired && { firedId: fired.id }),
    };
    if (fired) this.#changeFired(fired.id, (known) => known ?? fired);
    this.#changeSheets((sheets) => [...sheets, sheet]);
    this.#tellOfSheet(sheet, event);
  }

  /** Paper gets its first light; what it got before of the same counts on. */
  firstLight(id: string, of: FiredOf, atMs: number): void {
    this.#changeFired(id, (known) => known ?? { id, ...of, fromMs: atMs });
  }

  /** Paper got its last light. */
  lastLight(id: string, atMs: number): void {
    this.#changeFired(id, (known) => known && { ...known, toMs: atMs });
  }

  /** Paper that was taken away half given is nothing any more. */
  lightForNothing(id: string): void {
    this.#changeFired(id, (known) => (known?.toMs === undefined ? undefined : known));
  }

  #changeFired(id: string, change: (known: Fired | undefined) => Fired | undefined): void {
    this.fired = changeFired(id, change);
  }

  /** It is out of the trays: how it went through them is remembered. */
  #outOfTrays({ firedId, plan, events }: Sheet, last: ProcessEvent): void {
    if (firedId === undefined) return;
    this.#changeFired(
      firedId,
      (known) => known && { ...known, out: { plan, events: [...events, last] } },
    );
  }

  /** Into the bin with it: it was only to be looked at. */
  throwAway(sheet: Sheet): void {
    this.#finish(sheet);
  }

  #finish(sheet: Sheet): void {
    const last: ProcessEvent = { id: newId(), atMs: Date.now(), kind: 'finished' };
    this.#tellOfSheet(sheet, last);
    this.#outOfTrays(sheet, last);
    this.#changeSheets((sheets) => sheets.filter(({ id }) => id !== sheet.id));
  }

  /** Moves a sheet on to its next tray, or takes it out of the last one. */
  moveOn(sheet: Sheet): void {
    const { next } = processMoment(sheet.plan, sheet.events, Date.now());
    if (!next) {
      this.#finish(sheet);
      return;
    }
    this.#addToSheet(sheet, {
      id: newId(),
      atMs: Date.now(),
      kind: 'poured-in',
      stepId: next.step.id,
    });
  }

  /** Takes the last thing back: the time by its first tone, or the tray it was moved to; out of the first it goes altogether. */
  moveBack(sheet: Sheet): void {
    const counting = eventsThatCount(sheet.events).filter(({ kind }) =>
      ['poured-in', 'retimed'].includes(kind),
    );
    const last = counting.at(-1);
    if (!last || counting.length === 1) {
      if (last) this.#tellOfSheet(sheet, undoing(last));
      this.#changeSheets((sheets) => sheets.filter(({ id }) => id !== sheet.id));
      return;
    }
    this.#addToSheet(sheet, undoing(last));
  }

  /** The first tone shows on a sheet now: from it follows how long it stays in the developer. */
  firstTone(sheet: Sheet, factor: ToneFactor): void {
    const atMs = Date.now();
    const { current } = processMoment(sheet.plan, sheet.events, atMs);
    if (!current) return;
    this.#addToSheet(sheet, {
      id: newId(),
      atMs,
      kind: 'retimed',
      stepId: current.step.id,
      seconds: Math.max(1, Math.round(developerByFactor(current.elapsedSeconds, factor))),
      because: 'first-tone',
    });
  }

  #addToSheet(sheet: Sheet, event: ProcessEvent): void {
    this.#changeSheets((sheets) =>
      sheets.map((other) =>
        other.id === sheet.id ? { ...other, events: [...other.events, event] } : other,
      ),
    );
    this.#tellOfSheet(sheet, event);
  }

  /** A sheet of a print is told of as a roll is: kept here first, then sent. */
  #tellOfSheet({ id, recorded }: Sheet, event: ProcessEvent): void {
    if (!recorded) return;
    keepUnsent({ sheetId: id, event });
    void this.#send();
  }

  #changeSheets(change: Parameters<typeof changeSheets>[0]): void {
    this.sheets = changeSheets(change);
    this.nowMs = Math.max(this.nowMs, Date.now());
    this.#tellWorker();
  }

  #add(rollId: string, event: ProcessEvent): void {
    this.runs = this.runs.map((run) =>
      run.roll.id === rollId && !run.events.some(({ id }) => id === event.id)
        ? { ...run, events: [...run.events, event] }
        : run,
    );
  }

  /** What a pour sounds like: so many beeps in the dark as there were baths, and its name and time where a voice can. */
  #confirm(rollId: string, event: ProcessEvent): void {
    const manner = this.#manner?.();
    const run = this.runs.find(({ roll }) => roll.id === rollId);
    if (!manner?.soundOn || !run) return;
    const { plan } = run.roll;
    const words = pouredWords(plan, event);
    if (!words) return;
    const place = plan.steps.findIndex(({ id }) => 'stepId' in event && id === event.stepId);
    this.#speaker.volume = manner.volume;
    this.#speaker.confirm(manner.dark ? place + 1 || plan.steps.length + 1 : 1);
    if (manner.spoken) this.#voice.say(words);
  }

  /** What a voice may name at a cue: the bath, and the one that comes next. */
  #contextOf({ id, stepId }: Cue): SpokenContext | undefined {
    const all: Clocked[] = [
      ...this.runs.map(({ roll, events }) => ({ id: roll.id, plan: roll.plan, events })),
      ...this.sheets,
    ];
    const clocked = all.find((one) => id.startsWith(`${one.id}:`));
    const step = clocked?.plan.steps.find((one) => one.id === stepId);
    if (!clocked || !step) return undefined;
    const { next } = processMoment(clocked.plan, clocked.events, this.nowMs);
    return { step, ...(next && { next: next.step }), vessel: clocked.plan.vessel ?? 'tank' };
  }

  #mergeUnsent(): void {
    const entries = unsent();
    this.waiting = entries.length;
    // What was confirmed once may be missing from a page that was kept for a lost server.
    const ofRolls = [...seenEvents(), ...entries.filter(isRollEvent)];
    for (const { rollId, event } of ofRolls) this.#add(rollId, event);
  }

  #tellWorker(): void {
    const runs = this.runs.map(({ roll, events }): Clocked => ({
      id: roll.id,
      plan: roll.plan,
      events,
    }));
    this.#worker?.postMessage($state.snapshot([...runs, ...this.sheets]));
  }

  async #send(): Promise<void> {
    if (this.#sending) return;
    this.#sending = true;
    try {
      // Read anew each time round: what happens while one event is under way goes out right after it.
      const refused = new Set<string>();
      for (;;) {
        const next = unsent().find(({ event }) => !refused.has(event.id));
        if (!next) break;
        const { event } = next;
        const { problem } = await this.#leans.put(pathOf(next), event);
        if (problem && worthRepeating(problem)) break;
        // What the server refuses stays here, counted, rather than being lost; a conflict means that it has it.
        if (problem && problem.status !== 409) refused.add(event.id);
        else forgetSent(event.id);
      }
    } finally {
      this.#sending = false;
      this.waiting = unsent().length;
    }
  }
}

const undoing = (event: ProcessEvent): ProcessEvent => ({
  ...{ id: newId(), atMs: Date.now(), kind: 'undone', eventId: event.id },
});

/** A run with the events of both sides, each once. */
function joinEvents(run: RollRun, here: readonly RollRun[]): RollRun {
  const local = here.find(({ roll }) => roll.id === run.roll.id)?.events ?? [];
  const known = new Set(run.events.map(({ id }) => id));
  const missing = local.filter(({ id }) => !known.has(id));
  return { roll: run.roll, events: [...run.events, ...missing] };
}

/** States in which nothing happens to a roll any more. */
const OVER = ['stopped', 'developed', 'proofed'];

/** Does the server know anything that is not known here? */
function hasNews(fromServer: readonly RollRun[], here: readonly RollRun[]): boolean {
  return fromServer.some(({ roll, events }) => {
    const local = here.find((run) => run.roll.id === roll.id);
    if (!local || local.roll.state !== roll.state) return true;
    const known = new Set(local.events.map(({ id }) => id));
    return events.some(({ id }) => !known.has(id));
  });
}

export function provideWetSide(runs: readonly RollRun[], nowMs: number): WetSide {
  return setContext(CONTEXT, new WetSide(runs, nowMs));
}

export function useWetSide(): WetSide {
  return getContext<WetSide>(CONTEXT);
}
