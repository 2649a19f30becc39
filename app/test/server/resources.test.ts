import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { printExample } from '../../src/lib/contract/print.ts';
import type { ProcessEvent } from '../../src/lib/contract/process.ts';
import { recipeExample } from '../../src/lib/contract/recipe.ts';
import { rollExample } from '../../src/lib/contract/roll.ts';
import * as printRoute from '../../src/routes/api/v1/prints/[id]/+server.ts';
import { GET as listPrints } from '../../src/routes/api/v1/prints/+server.ts';
import * as recipeRoute from '../../src/routes/api/v1/recipes/[id]/+server.ts';
import { GET as listRecipes } from '../../src/routes/api/v1/recipes/+server.ts';
import * as rollRoute from '../../src/routes/api/v1/rolls/[id]/+server.ts';
import { GET as listRolls } from '../../src/routes/api/v1/rolls/+server.ts';
import { GET as listEvents } from '../../src/routes/api/v1/rolls/[id]/events/+server.ts';
import { PUT as putEvent } from '../../src/routes/api/v1/rolls/[id]/events/[event]/+server.ts';
import { GET as health } from '../../src/routes/api/health/+server.ts';
import { call } from './call.ts';
import { freshDatabase } from './database.ts';

freshDatabase();

const kinds = [
  { name: 'recipe', route: recipeRoute, example: recipeExample, change: { developer: 'Quillow' } },
  { name: 'roll', route: rollRoute, example: rollExample, change: { title: 'Another name' } },
  { name: 'print', route: printRoute, example: printExample, change: { note: 'Too dark, dry.' } },
];

describe.each(kinds)('a $name', ({ route, example, change }) => {
  const put = (id: string, body: unknown, headers: Record<string, string> = {}) =>
    call(route.PUT, { params: { id }, body, headers });

  it('is made under the client’s id, and read back with its version', async () => {
    const id = randomUUID();
    const made = await put(id, example);
    expect(made.status).toBe(201);
    expect(made.etag).toBe('"1"');
    const read = await call(route.GET, { params: { id } });
    expect(read).toMatchObject({ status: 200, etag: '"1"', body: { id, version: 1, ...example } });
  });

  it('written again the same changes nothing', async () => {
    const id = randomUUID();
    await put(id, example);
    expect(await put(id, example)).toMatchObject({ status: 200, etag: '"1"' });
  });

  it('ten times the same at once is still one', async () => {
    const id = randomUUID();
    const answers = await Promise.all(Array.from({ length: 10 }, () => put(id, example)));
    expect(answers.map(({ status }) => status).sort()).toEqual([...Array(9).fill(200), 201]);
    expect((await call(route.GET, { params: { id } })).body.version).toBe(1);
  });

  it('a change says what it is based on: 428 without, 409 with both versions when stale', async () => {
    const id = randomUUID();
    await put(id, example);
    const changed = { ...example, ...change };
    expect((await put(id, changed)).status).toBe(428);
    expect(await put(id, changed, { 'if-match': '"1"' })).toMatchObject({
      status: 200,
      etag: '"2"',
    });
    const late = {
      ...changed,
      ...Object.fromEntries(Object.keys(change).map((key) => [key, 'mine'])),
    };
    const stale = await put(id, late, { 'if-match': '"1"' });
    expect(stale.status).toBe(409);
    expect(stale.body.stored).toMatchObject({ version: 2, ...change });
    expect(stale.body.sent).toEqual(late);
    expect((await call(route.GET, { params: { id } })).body).toMatchObject(change);
  });

  it('refuses an If-Match that is none, and one for something that is not there', async () => {
    expect((await put(randomUUID(), example, { 'if-match': 'W/"x"' })).status).toBe(400);
    expect((await put(randomUUID(), example, { 'if-match': '"3"' })).status).toBe(409);
  });

  it('is not found under another id, and the id has to be one', async () => {
    expect((await call(route.GET, { params: { id: randomUUID() } })).status).toBe(404);
    expect((await call(route.GET, { params: { id: "1'; DROP TABLE rolls" } })).status).toBe(400);
  });

  it('survives any body with 2xx or 4xx, and stores nothing that does not fit', async () => {
    const fields = Object.keys(example);
    const body = fc.oneof(
      fc.jsonValue(),
      fc
        .dictionary(
          fc.constantFrom(...fields),
          fc.oneof(
            fc.jsonValue(),
            fc.string({ unit: 'binary' }),
            fc.constant('\u0000'),
            fc.constant('\ud800'),
          ),
        )
        .map((changes) => ({ ...example, ...changes })),
    );
    await fc.assert(
      fc.asyncProperty(body, async (sent) => {
        const { status } = await put(randomUUID(), sent);
        expect([200, 201, 400]).toContain(status);
      }),
      { numRuns: 120 },
    );
  });
});

describe('the events of a run', () => {
  const addRoll = async () => {
    const id = randomUUID();
    await call(rollRoute.PUT, { params: { id }, body: rollExample });
    return id;
  };
  const add = (id: string, event: ProcessEvent) =>
    call(putEvent, { params: { id, event: event.id }, body: event });
  const pour = (stepId: string, atMs: number): ProcessEvent => ({
    id: randomUUID(),
    kind: 'poured-in',
    atMs,
    stepId,
  });
  const stateOf = async (id: string) => (await call(rollRoute.GET, { params: { id } })).body;

  it('make the roll’s state', async () => {
    const id = await addRoll();
    expect((await stateOf(id)).state).toBe('planned');
    await add(id, pour('developer', 1000));
    expect(await stateOf(id)).toMatchObject({ state: 'developing', startedAtMs: 1000 });
    await add(id, { id: randomUUID(), kind: 'finished', atMs: 9000 });
    expect(await stateOf(id)).toMatchObject({ state: 'developed', finishedAtMs: 9000 });
  });

  it('written twice, late, or out of order never conflict', async () => {
    const id = await addRoll();
    const [first, second] = [pour('developer', 1000), pour('stop', 2000)];
    expect((await add(id, second)).status).toBe(201);
    expect((await add(id, first)).status).toBe(201);
    expect((await add(id, first)).status).toBe(200);
    const { body } = await call(listEvents, { params: { id } });
    expect(body.events).toEqual([first, second]);
  });

  it('an undone pour puts the roll back', async () => {
    const id = await addRoll();
    const event = pour('developer', 1000);
    await add(id, event);
    await add(id, { id: randomUUID(), kind: 'undone', atMs: 1500, eventId: event.id });
    expect(await stateOf(id)).toMatchObject({ state: 'planned', startedAtMs: null });
    expect((await call(listEvents, { params: { id } })).body.events).toHaveLength(2);
  });

  it('another event under a known id is refused, and the first stays', async () => {
    const id = await addRoll();
    const event = pour('developer', 1000);
    await add(id, event);
    const changed = await add(id, { ...event, atMs: 5000 });
    expect(changed.status).toBe(409);
    expect((await stateOf(id)).startedAtMs).toBe(1000);
  });

  it('the id in the address and in the event are the same', async () => {
    const id = await addRoll();
    const event = pour('developer', 1000);
    const answer = await call(putEvent, { params: { id, event: randomUUID() }, body: event });
    expect(answer).toMatchObject({ status: 400, body: { errors: [{ pointer: '/id' }] } });
  });

  it('need a roll', async () => {
    expect((await add(randomUUID(), pour('developer', 1))).status).toBe(404);
    expect((await call(listEvents, { params: { id: randomUUID() } })).status).toBe(404);
  });
});

describe('lists', () => {
  it('hold what was written', async () => {
    const id = randomUUID();
    await call(recipeRoute.PUT, { params: { id }, body: recipeExample });
    const { body } = await call(listRecipes);
    expect(body.recipes.map((recipe: { id: string }) => recipe.id)).toContain(id);
    expect((await call(listRolls)).body.entries.length).toBeGreaterThan(0);
    expect((await call(listPrints)).body.entries[0].kind).toBe('print');
  });
});

describe('health', () => {
  it('asks the database', async () => {
    expect(await call(health)).toMatchObject({ status: 200, body: { database: 'ok' } });
  });
});
