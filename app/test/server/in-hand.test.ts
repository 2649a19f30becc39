import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { inHandExample, type InHandBody } from '../../src/lib/nouns/in-hand/contract.ts';
import { printsInHand } from '../../src/lib/nouns/in-hand/store.server.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { everything } from '../../src/lib/nouns/logbook/asked.ts';
import { logbookPage } from '../../src/lib/stages/logbook/store.server.ts';
import { printView } from '../../src/lib/stages/print/print-view.ts';
import * as all from '../../src/routes/api/v1/prints-in-hand/+server.ts';
import * as one from '../../src/routes/api/v1/prints-in-hand/[id]/+server.ts';
import { withSheet } from '../made.ts';
import { stripRead } from '../samples.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const body = (change: Partial<InHandBody> = {}): InHandBody => ({ ...inHandExample, ...change });
const put = (id: string, what: InHandBody, version?: number) =>
  call(one.PUT, {
    params: { id },
    body: what,
    ...(version !== undefined && { headers: { 'if-match': `"${version}"` } }),
  });

describe('prints in hand', () => {
  it('are several at once, the last touched first; what is made is listed no more', async () => {
    const ids: string[] = [randomUUID(), randomUUID(), randomUUID()];
    for (const [n, id] of ids.entries()) {
      expect((await put(id, body({ touchedAtMs: 1000 + n }))).status).toBe(201);
    }
    await put(ids[1]!, body({ touchedAtMs: 1001, state: 'made' }), 1);
    const { body: listed } = await call(all.GET, {});
    const found: string[] = listed.prints.map(({ id }: { id: string }) => id);
    expect(found.filter((id) => ids.includes(id))).toEqual([ids[2], ids[0]]);
  });

  it('hold forty strips and eighteen burns', async () => {
    const { settingId, highlightTone, shadowTone } = stripRead;
    const strip = {
      settingId,
      choices: { kind: 'stops', method: 'cover-up', firstSeconds: 5, step: 1 / 3, patches: 7 },
      lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 },
      highlight: { position: 3, tone: highlightTone },
      shadow: { position: 4, tone: shadowTone },
    } as const;
    const draft = {
      ...stripRead,
      earlier: Array.from({ length: 40 }, () => strip),
      areas: Array.from({ length: 18 }, (_, n) => ({ name: `place ${n}`, stops: '+½' })),
    };
    const id = randomUUID();
    expect((await put(id, body({ draft }))).status).toBe(201);
    const kept = await printsInHand.find(id);
    expect(kept!.draft.earlier).toHaveLength(40);
    expect(kept!.draft.areas).toHaveLength(18);
    expect(printView(kept!.draft).dial).toMatch(/^\d+\.\d$/);
  });

  it('a write on another version gets both, and nothing is overwritten', async () => {
    const id = randomUUID();
    await put(id, body());
    const desk = body({ draft: { ...inHandExample.draft, title: 'at the desk' } });
    const phone = body({ draft: { ...inHandExample.draft, title: 'on the phone' } });
    expect((await put(id, desk, 1)).status).toBe(200);
    const answer = await put(id, phone, 1);
    expect(answer.status).toBe(409);
    expect(answer.body).toMatchObject({
      stored: { version: 2, draft: { title: 'at the desk' } },
      sent: { draft: { title: 'on the phone' } },
    });
  });

  it('a sheet goes into the logbook by itself, and keeps its set-up and its verdict', async () => {
    const id = randomUUID();
    const draft = { ...stripRead, title: 'Kiln door at dusk' };
    await put(id, body({ draft }));
    expect((await logbookPage({ ...everything, words: 'kiln dusk' })).entries).toEqual([]);
    const fired = withSheet(draft, printView(draft), 5000);
    await put(id, body({ draft: fired }), 1);
    const [entry] = (await logbookPage({ ...everything, words: 'kiln dusk' })).entries;
    expect(entry!.entry).toMatchObject({ id, title: 'Kiln door at dusk', madeAtMs: 5000 });

    const { id: _id, version, ...record } = (await prints.find(id))!;
    const judged = record.sheets.map((sheet) => ({ ...sheet, verdict: { highlightStops: 0.25 } }));
    await prints.put(id, { ...record, sheets: judged }, version);
    // What is changed on the bench afterwards is no news of the sheet.
    await put(id, body({ draft: { ...fired, paper: 'Another paper', title: 'Kiln, dusk' } }), 2);
    const after = (await prints.find(id))!;
    expect(after).toMatchObject({ title: 'Kiln, dusk', setup: { paper: stripRead.paper } });
    expect(after.sheets[0]!.verdict).toEqual({ highlightStops: 0.25 });
    const again = withSheet(fired, printView(fired), 9000);
    await put(id, body({ draft: again }), 3);
    const two = (await prints.find(id))!;
    expect(two.sheets.map(({ verdict }) => verdict?.highlightStops)).toEqual([0.25, undefined]);
  });

  it('sheets of no version, or of a set-up that cannot be, stay on the bench without a fault', async () => {
    const fired = withSheet(stripRead, printView(stripRead), 5000);
    for (const draft of [
      { ...fired, versions: [] },
      { ...fired, timerStep: '12' },
    ]) {
      const id = randomUUID();
      expect((await put(id, body({ draft }))).status).toBe(201);
      expect(await prints.find(id)).toBeUndefined();
    }
  });
});
