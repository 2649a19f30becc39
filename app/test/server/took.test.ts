import { randomUUID } from 'node:crypto';
import { sheetPlan, type ProcessEvent, type ProcessPlan } from '@katachron/core';
import { describe, expect, it } from 'vitest';
import { tookInLogbook } from '../../src/lib/nouns/process/took.server.ts';
import { paperExample } from '../../src/lib/nouns/paper/contract.ts';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { addTrayEvent } from '../../src/lib/nouns/print/trays.server.ts';
import { rollExample } from '../../src/lib/nouns/roll/contract.ts';
import { rolls } from '../../src/lib/nouns/roll/store.server.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const START = Date.UTC(2026, 0, 20, 18);
const MINUTE = 60_000;

/** Each step of a plan poured in after the one before, each so many minutes, and then it is over. */
function happened({ steps }: ProcessPlan, minutes: Record<string, number>): ProcessEvent[] {
  let atMs = START;
  const poured = steps.map(({ id }): ProcessEvent => {
    const event = { ...{ id: randomUUID(), kind: 'poured-in' as const }, stepId: id, atMs };
    atMs += (minutes[id] ?? 1) * MINUTE;
    return event;
  });
  return [...poured, { id: randomUUID(), kind: 'finished', atMs }];
}

describe('how long things took, as the logbook has it', () => {
  it('is the real time in each part, of rolls and of sheets, fibre by itself', async () => {
    const rollId = randomUUID();
    await rolls.put(rollId, rollExample);
    const { plan } = rollExample;
    const ids = plan.steps.map(({ id }) => id);
    const [developer, , fix] = ids;
    for (const event of happened(plan, { [developer!]: 9, [fix!]: 7 })) {
      await rolls.addEvent(rollId, event);
    }
    const sheetId = randomUUID();
    const sheet = { ...printExample.sheets[0]!, id: sheetId };
    await prints.put(randomUUID(), { ...printExample, sheets: [sheet] });
    const trays = happened(sheetPlan('print', 'fibre'), { 'print-fix': 6, 'print-wash': 70 });
    for (const event of trays) await addTrayEvent(sheetId, event);
    const papers = [{ ...paperExample, name: printExample.setup.paper, base: 'fibre' as const }];
    const took = await tookInLogbook(papers);
    expect(took['print.wash.fibre']).toEqual([70 * 60]);
    expect(took['print.trays.fibre']![0]).toBeGreaterThanOrEqual(8 * 60);
    expect(took['print.wash']).toBeUndefined();
    expect(took['roll.fix']![0]).toBeGreaterThanOrEqual(7 * 60);
    expect(Object.keys(took).some((key) => key.includes('develop'))).toBe(false);
    expect((await tookInLogbook([]))['print.wash']).toEqual([70 * 60]);
  });
});
