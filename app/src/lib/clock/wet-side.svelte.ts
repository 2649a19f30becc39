import {
  eventsThatCount,
  processMoment,
  sheetPlan,
  type ProcessEvent,
  type ProcessPlan,
} from '@katachron/core';
import { getContext, setContext } from 'svelte';
import { put, worthRepeating } from '../api/client.ts';
import type { Roll } from '../contract/roll.ts';
import type { ClockTick, Clocked } from './messages.ts';
import { forgetSent, keepUnsent, unsent } from './outbox.ts';
import { Speaker } from './speaker.ts';

const CONTEXT = Symbol('wet side');
const SHEETS_KEY = 'katachron-sheets';
/** How often what could not be sent is tried again, ms. */
const RETRY_MS = 4000;

/** A roll under way, with what happened to it so far. */
export interface RollRun {
  readonly roll: Roll;
  readonly events: readonly ProcessEvent[];
}

/** A strip or a print in the trays; it belongs to this bench, not to the record. */
export interface Sheet extends Clocked {
  readonly name: string;
}

/** An event that has its id and its instant already, or gets both now. */
export type NewEvent = ProcessEvent extends infer Event
  ? Event extends ProcessEvent
    ? Omit<Event, 'id' | 'atMs'>
    : never
  : never;

/** Everything that lies in a bath now, on one clock: the page only looks at it. */
export class WetSide {
  runs = $state.raw<readonly RollRun[]>([]);
  sheets = $state.raw<readonly Sheet[]>([]);
  nowMs = $state(Date.now());
  /** A clock is running and this browser is silent until somebody touches it. */
  soundAsleep = $state(true);
  /** Events that the server has not confirmed. */
  waiting = $state(0);
  #worker: Worker | undefined;
  #speaker = new Speaker((awake) => (this.soundAsleep = !awake));
  #sending = false;

  constructor(runs: readonly RollRun[], nowMs: number) {
    this.runs = runs;
    this.nowMs = nowMs;
  }

  /** Starts the clock, in the browser. */
  start(soundOn: () => boolean): () => void {
    this.sheets = keptSheets();
    this.#mergeUnsent();
    this.#worker = new Worker(new URL('./clock.worker.ts', import.meta.url), { type: 'module' });
    this.#worker.onmessage = ({ data }: MessageEvent<ClockTick>) => {
      this.nowMs = data.nowMs;
      this.#speaker.follow(soundOn() ? data.cues : []);
    };
    this.#tellWorker();
    const retry = setInterval(() => void this.#send(), RETRY_MS);
    const wake = () => void this.#speaker.wake();
    addEventListener('pointerdown', wake, true);
    addEventListener('keydown', wake, true);
    void this.#send();
    return () => {
      this.#worker?.terminate();
      clearInterval(retry);
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
    this.#tellWorker();
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

  /** Something happened now (or a moment ago). Kept here first, then sent. */
  record(rollId: string, event: NewEvent, atMs = Date.now()): ProcessEvent {
    const full = { ...event, id: crypto.randomUUID(), atMs } as ProcessEvent;
    keepUnsent({ rollId, event: full });
    this.#add(rollId, full);
    this.nowMs = Math.max(this.nowMs, Date.now());
    this.#tellWorker();
    void this.#send();
    return full;
  }

  /** Lays a strip or a print into the first tray. */
  layIn(name: string, plan: ProcessPlan = sheetPlan()): void {
    const first = plan.steps[0]!;
    const event: ProcessEvent = {
      id: crypto.randomUUID(),
      atMs: Date.now(),
      kind: 'poured-in',
      stepId: first.id,
    };
    this.#setSheets([...this.sheets, { id: crypto.randomUUID(), name, plan, events: [event] }]);
  }

  /** Moves a sheet on to its next tray, or takes it out of the last one. */
  moveOn(sheet: Sheet): void {
    const { next } = processMoment(sheet.plan, sheet.events, Date.now());
    if (!next) {
      this.#setSheets(this.sheets.filter(({ id }) => id !== sheet.id));
      return;
    }
    this.#addToSheet(sheet, {
      id: crypto.randomUUID(),
      atMs: Date.now(),
      kind: 'poured-in',
      stepId: next.step.id,
    });
  }

  /** Puts a sheet back into the tray it came from; out of the first tray it goes altogether. */
  moveBack(sheet: Sheet): void {
    const pours = eventsThatCount(sheet.events).filter(({ kind }) => kind === 'poured-in');
    const last = pours.at(-1);
    if (!last || pours.length === 1) {
      this.#setSheets(this.sheets.filter(({ id }) => id !== sheet.id));
      return;
    }
    this.#addToSheet(sheet, {
      id: crypto.randomUUID(),
      atMs: Date.now(),
      kind: 'undone',
      eventId: last.id,
    });
  }

  #addToSheet(sheet: Sheet, event: ProcessEvent): void {
    this.#setSheets(
      this.sheets.map((other) =>
        other.id === sheet.id ? { ...other, events: [...other.events, event] } : other,
      ),
    );
  }

  #setSheets(sheets: readonly Sheet[]): void {
    this.sheets = sheets;
    localStorage.setItem(SHEETS_KEY, JSON.stringify(sheets));
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

  #mergeUnsent(): void {
    const entries = unsent();
    this.waiting = entries.length;
    for (const { rollId, event } of entries) this.#add(rollId, event);
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
        const { rollId, event } = next;
        const { problem } = await put(`/api/v1/rolls/${rollId}/events/${event.id}`, event);
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

/** A run with the events of both sides, each once. */
function joinEvents(run: RollRun, here: readonly RollRun[]): RollRun {
  const local = here.find(({ roll }) => roll.id === run.roll.id)?.events ?? [];
  const missing = local.filter(({ id }) => !run.events.some((event) => event.id === id));
  return { roll: run.roll, events: [...run.events, ...missing] };
}

function keptSheets(): Sheet[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(SHEETS_KEY) ?? '[]');
    return Array.isArray(kept) ? (kept as Sheet[]) : [];
  } catch {
    return [];
  }
}

export function provideWetSide(runs: readonly RollRun[], nowMs: number): WetSide {
  return setContext(CONTEXT, new WetSide(runs, nowMs));
}

export function useWetSide(): WetSide {
  return getContext<WetSide>(CONTEXT);
}
