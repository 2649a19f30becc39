import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { randomUUID } from 'node:crypto';
import { sheetPlan } from '@katachron/core';
import { WetSide, type Leans, type RollRun } from '../../src/lib/bench/clock/wet-side.svelte.ts';
import { rollExample, type PlannedRoll } from '../../src/lib/nouns/roll/contract.ts';

/** A browser's storage, as far as the lists use it. */
class Storage {
  #kept = new Map<string, string>();
  full = false;
  getItem(key: string): string | null {
    return this.#kept.get(key) ?? null;
  }
  setItem(key: string, text: string): void {
    if (this.full) throw new Error('full');
    this.#kept.set(key, text);
  }
}

const AWAY = { type: '', title: '', status: 0, detail: 'The server does not answer.' };
const rollId = randomUUID();
const run: RollRun = {
  roll: { ...rollExample, id: rollId, version: 1, state: 'planned' } as PlannedRoll,
  events: [],
};

/** A server that answers or does not, and what it was sent. */
function bench(storage = new Storage()) {
  vi.stubGlobal('localStorage', storage);
  const sent: string[] = [];
  const told: unknown[] = [];
  const server = { answers: true };
  const leans = {
    put: (path: string) => {
      if (!server.answers) return Promise.resolve({ problem: AWAY });
      sent.push(path);
      return Promise.resolve({ value: {} });
    },
    get: () => Promise.resolve({ problem: AWAY }),
    worker: () => ({
      postMessage: (message: unknown) => told.push(message),
      terminate: () => undefined,
      onmessage: null,
    }),
  } as unknown as Leans;
  const wetSide = new WetSide([run], Date.now(), leans);
  const stop = wetSide.start(() => ({ soundOn: false, volume: 3, spoken: false, dark: false }));
  return { wetSide, sent, told, server, storage, stop };
}

describe('the wet side', () => {
  beforeEach(() => {
    vi.useFakeTimers({ now: 1_768_500_000_000 });
    vi.stubGlobal('addEventListener', () => undefined);
    vi.stubGlobal('removeEventListener', () => undefined);
    vi.stubGlobal('document', { visibilityState: 'visible' });
  });
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.useRealTimers();
  });
  const pour = { kind: 'poured-in', stepId: 'developer' } as const;

  it('shows a pour at once, tells the clock of it, and sends it', async () => {
    const { wetSide, sent, told, stop } = bench();
    const before = told.length;
    const event = wetSide.record(rollId, pour);
    expect(wetSide.eventsOf(run).map(({ id }) => id)).toEqual([event.id]);
    expect(told.length).toBe(before + 1);
    await vi.advanceTimersByTimeAsync(10);
    expect(sent).toEqual([`/api/v1/rolls/${rollId}/events/${event.id}`]);
    expect(wetSide.waiting).toBe(0);
    stop();
  });

  it('keeps what the server did not take, over a reload too, and sends it when it answers', async () => {
    const { wetSide, server, storage, stop } = bench();
    server.answers = false;
    const event = wetSide.record(rollId, pour);
    await vi.advanceTimersByTimeAsync(10);
    expect(wetSide.waiting).toBe(1);
    stop();
    const later = bench(storage);
    expect(later.wetSide.eventsOf(run).map(({ id }) => id)).toEqual([event.id]);
    await vi.advanceTimersByTimeAsync(5000);
    expect(later.sent).toEqual([`/api/v1/rolls/${rollId}/events/${event.id}`]);
    expect(later.wetSide.waiting).toBe(0);
    later.stop();
  });

  it('goes on where nothing can be kept, and says so', async () => {
    const { wetSide, sent, storage, stop } = bench();
    storage.full = true;
    const event = wetSide.record(rollId, pour);
    expect(wetSide.unkept).toBe(true);
    expect(wetSide.eventsOf(run)).toContainEqual(event);
    await vi.advanceTimersByTimeAsync(10);
    expect(sent).toHaveLength(1);
    stop();
  });

  it('tells the record of a sheet of a print, tray by tray, and of no strip', async () => {
    const { wetSide, sent, stop } = bench();
    const sheetId = randomUUID();
    wetSide.layIn('strip 1', sheetPlan('strip'));
    wetSide.layIn('print', sheetPlan('print'), { sheetId });
    const sheet = () => wetSide.sheets.find(({ id }) => id === sheetId)!;
    await vi.advanceTimersByTimeAsync(120_000);
    wetSide.moveOn(sheet());
    await vi.advanceTimersByTimeAsync(10);
    expect(sheet().events.map(({ kind }) => kind)).toEqual(['poured-in', 'poured-in']);
    expect(sent).toHaveLength(2);
    for (const path of sent) expect(path).toContain(`/api/v1/sheets/${sheetId}/events/`);
    wetSide.moveBack(sheet());
    await vi.advanceTimersByTimeAsync(10);
    expect(sent).toHaveLength(3);
    stop();
  });

  it('lays in one sheet for two hits of a wet hand, and numbers a second one of its name', async () => {
    const { wetSide, stop } = bench();
    wetSide.layIn('strip 1');
    wetSide.layIn('strip 1');
    expect(wetSide.sheets).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(2000);
    wetSide.layIn('strip 1');
    expect(wetSide.sheets.map(({ name }) => name)).toEqual(['strip 1', 'strip 1, no. 2']);
    stop();
  });
});
