import { randomUUID } from 'node:crypto';
import { cuesBetween, processMoment, temperatureAfter } from '@katachron/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { printExample } from '../../src/lib/nouns/print/contract.ts';
import type { ProcessEvent } from '../../src/lib/nouns/process/contract.ts';
import { recipeExample } from '../../src/lib/nouns/recipe/contract.ts';
import { shelves } from '../../src/lib/nouns/shelves.ts';
import { shelfNames } from '../../src/lib/nouns/shelf-names.ts';
import { rollExample, type RollBody } from '../../src/lib/nouns/roll/contract.ts';
import { prints } from '../../src/lib/nouns/print/store.server.ts';
import { rolls } from '../../src/lib/nouns/roll/store.server.ts';
import { tankLesson } from '../../src/lib/nouns/tank/lesson.server.ts';
import * as printRoute from '../../src/routes/api/v1/prints/[id]/+server.ts';
import { GET as listPrints } from '../../src/routes/api/v1/prints/+server.ts';
import * as recipeRoute from '../../src/routes/api/v1/recipes/[id]/+server.ts';
import { GET as listRecipes } from '../../src/routes/api/v1/recipes/+server.ts';
import * as shelfRoute from '../../src/routes/api/v1/[shelf=shelf]/[id]/+server.ts';
import { GET as listShelf } from '../../src/routes/api/v1/[shelf=shelf]/+server.ts';
import * as rollRoute from '../../src/routes/api/v1/rolls/[id]/+server.ts';
import { GET as listRolls } from '../../src/routes/api/v1/rolls/+server.ts';
import { GET as listEvents } from '../../src/routes/api/v1/rolls/[id]/events/+server.ts';
import { GET as listTrayEvents } from '../../src/routes/api/v1/sheets/[id]/events/+server.ts';
import { PUT as putTrayEvent } from '../../src/routes/api/v1/sheets/[id]/events/[event]/+server.ts';
import { PUT as putEvent } from '../../src/routes/api/v1/rolls/[id]/events/[event]/+server.ts';
import { GET as health } from '../../src/routes/api/health/+server.ts';
import { GET as listRuns } from '../../src/routes/api/v1/runs/+server.ts';
import { answer } from '../../src/lib/server/api.ts';
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

describe('the trays of a sheet', () => {
  const add = (id: string, event: ProcessEvent) =>
    call(putTrayEvent, { params: { id, event: event.id }, body: event });
  const into = (stepId: string, atMs: number): ProcessEvent => ({
    ...{ id: randomUUID(), kind: 'poured-in', atMs, stepId },
  });

  it('are kept as they happened, whatever comes first, and once', async () => {
    const sheet = randomUUID();
    const [developer, stop] = [into('print-developer', 1000), into('print-stop', 121_000)];
    expect((await add(sheet, stop)).status).toBe(201);
    expect((await add(sheet, developer)).status).toBe(201);
    expect((await add(sheet, stop)).status).toBe(200);
    const { body } = await call(listTrayEvents, { params: { id: sheet } });
    expect(body.events).toEqual([developer, stop]);
    expect((await call(listTrayEvents, { params: { id: randomUUID() } })).body.events).toEqual([]);
  });

  it('refuse another event under a known id, and one of another address', async () => {
    const sheet = randomUUID();
    const event = into('print-developer', 1000);
    await add(sheet, event);
    expect((await add(randomUUID(), event)).status).toBe(409);
    expect((await add(sheet, { ...event, atMs: 2000 })).status).toBe(409);
    const wrong = await call(putTrayEvent, {
      params: { id: sheet, event: randomUUID() },
      body: event,
    });
    expect(wrong.status).toBe(400);
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
    const fixed = pour('fix', 5000);
    await add(id, fixed);
    await add(id, { id: randomUUID(), kind: 'finished', atMs: 9000 });
    expect(await stateOf(id)).toMatchObject({ state: 'developed', finishedAtMs: 9000 });
    // The fixer was a mistake: without it the roll is stopped, not developed.
    await add(id, { id: randomUUID(), kind: 'undone', eventId: fixed.id, atMs: 9500 });
    expect(await stateOf(id)).toMatchObject({ state: 'stopped', finishedAtMs: 9000 });
    expect((await rolls.underWay()).map(({ roll }) => roll.id)).not.toContain(id);
  });

  it('the newest temperature is one that was not taken back', async () => {
    const id = await addRoll();
    const read = (temperatureC: number, atMs: number) =>
      ({ id: randomUUID(), kind: 'temperature', temperatureC, atMs }) as const;
    const right = read(20.1, 8_000_000_000_000);
    const mistyped = read(12, 8_000_000_000_001);
    await add(id, right);
    await add(id, mistyped);
    expect((await rolls.lastTemperature())?.temperatureC).toBe(12);
    await add(id, {
      id: randomUUID(),
      kind: 'undone',
      eventId: mistyped.id,
      atMs: 8_000_000_000_002,
    });
    expect((await rolls.lastTemperature())?.temperatureC).toBe(20.1);
    await add(id, { id: randomUUID(), kind: 'undone', eventId: right.id, atMs: 8_000_000_000_003 });
  });

  it('a second screen is told of it, also of a run that is over', async () => {
    const id = await addRoll();
    await add(id, pour('developer', 1000));
    const { body } = await call(listRuns, {});
    expect(body.runs.map(({ roll }: { roll: { id: string } }) => roll.id)).toContain(id);
    await add(id, { id: randomUUID(), kind: 'finished', atMs: 9000 });
    const now = await call(listRuns, { search: `?also=${id}` });
    const run = now.body.runs.find(({ roll }: { roll: { id: string } }) => roll.id === id);
    expect(run).toMatchObject({ roll: { state: 'stopped' }, events: { length: 2 } });
    expect((await call(listRuns, { search: '?also=xyz' })).status).toBe(400);
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

describe.each(shelfNames)('the shelf of %s', (shelf) => {
  const { example } = shelves[shelf];
  const params = (id: string) => ({ shelf, id });
  const list = async () => (await call(listShelf, { params: { shelf } })).body[shelf];

  it('keeps things under a version, lists them, and gives them away and back', async () => {
    const id = randomUUID();
    expect((await call(shelfRoute.PUT, { params: params(id), body: example })).status).toBe(201);
    expect(await list()).toEqual([{ id, version: 1, ...example }]);
    const renamed = { ...example, name: 'Other' };
    const change = { params: params(id), body: renamed };
    expect((await call(shelfRoute.PUT, change)).status).toBe(428);
    const written = await call(shelfRoute.PUT, { ...change, headers: { 'if-match': '"1"' } });
    expect(written).toMatchObject({ status: 200, etag: '"2"' });
    expect((await call(shelfRoute.GET, { params: params(id) })).body.name).toBe('Other');

    expect((await call(shelfRoute.DELETE, { params: params(id) })).status).toBe(428);
    const stale = await call(shelfRoute.DELETE, {
      params: params(id),
      headers: { 'if-match': '"1"' },
    });
    expect(stale).toMatchObject({ status: 409, body: { stored: { name: 'Other' } } });
    const gone = await call(shelfRoute.DELETE, {
      params: params(id),
      headers: { 'if-match': '"2"' },
    });
    expect(gone).toMatchObject({ status: 200, body: { name: 'Other' } });
    expect(await list()).toEqual([]);
    const again = { params: params(id), headers: { 'if-match': '"2"' } };
    expect((await call(shelfRoute.DELETE, again)).status).toBe(404);
    expect((await call(shelfRoute.PUT, { params: params(id), body: renamed })).status).toBe(201);
    await call(shelfRoute.DELETE, { params: params(id), headers: { 'if-match': '"1"' } });
  });

  it('refuses what is none, with a sentence for the field', async () => {
    const answer = await call(shelfRoute.PUT, {
      params: params(randomUUID()),
      body: { ...example, name: '' },
    });
    expect(answer.status).toBe(400);
    expect(answer.body.errors[0]).toMatchObject({ pointer: '/name' });
    for (const body of [null, [], 'x', {}]) {
      expect((await call(shelfRoute.PUT, { params: params(randomUUID()), body })).status).toBe(400);
    }
  });
});

describe('a roll from the camera to the proof', () => {
  const exposed: RollBody = {
    title: 'R-130, cooling racks',
    exposureIndex: 200,
    madeAtMs: 1_768_000_000_000,
    exposed: {
      film: 'Halden 400',
      boxSpeed: 400,
      format: 'four-by-five',
      camera: 'the field camera',
      subject: 'Cooling racks at dusk',
      exposedOn: '2026-01-09',
      frames: [{ mark: 'F3 a', subject: 'Marrow bowl' }],
    },
  };
  const put = (id: string, body: unknown, version?: number) =>
    call(rollRoute.PUT, {
      params: { id },
      body,
      ...(version && { headers: { 'if-match': `"${version}"` } }),
    });
  const event = (kind: string, more: object = {}) => ({
    id: randomUUID(),
    atMs: 1_768_600_000_000,
    kind,
    ...more,
  });
  const happens = (roll: string, body: ReturnType<typeof event>) =>
    call(putEvent, { params: { id: roll, event: body.id }, body });

  it('is exposed, planned, developing, developed and proofed', async () => {
    const id = randomUUID();
    expect((await put(id, exposed)).body).toMatchObject({ state: 'exposed', version: 1 });
    const early = await happens(id, event('poured-in', { stepId: 'developer' }));
    expect(early.status).toBe(400);
    expect(early.body.detail).toMatch(/sink first/);
    const planned = { ...exposed, ...rollExample, exposureIndex: 200 };
    expect((await put(id, planned, 1)).body).toMatchObject({ state: 'planned' });
    expect((await happens(id, event('poured-in', { stepId: 'developer' }))).body).toMatchObject({
      state: 'developing',
    });
    const named = { ...planned, title: 'R-130' };
    expect((await put(id, named, 2)).body).toMatchObject({ state: 'developing', version: 3 });
    await happens(id, event('poured-in', { stepId: 'fix' }));
    const done = event('finished');
    expect((await happens(id, { ...done, atMs: done.atMs + 1 })).body).toMatchObject({
      state: 'developed',
    });
    const judgement = {
      atMs: 1_768_700_000_000,
      density: 'good',
      shadows: 'open',
      highlights: 'printable',
      marks: ['bubbles'],
      change: 'Tap more.',
    };
    const judged = { ...named, judgement, proofedAtMs: 1_768_800_000_000 };
    expect((await put(id, judged, 3)).body).toMatchObject({ state: 'proofed', judgement });
    expect((await rolls.judged('Halden 400', 'Tansy')).map((roll) => roll.id)).toContain(id);
    expect(await rolls.judged('Halden 400', 'Quillow')).toEqual([]);
  });

  it('waits for the sink until it is poured, and is found by its subject and its frames', async () => {
    const id = randomUUID();
    await put(id, { ...exposed, title: 'R-131' });
    expect((await rolls.waiting()).map((roll) => roll.id)).toContain(id);
    for (const q of ['cooling dusk', 'marrow bowl', 'field camera', 'F3']) {
      const { body } = await call(listRolls, { search: `?q=${encodeURIComponent(q)}` });
      expect(body.entries.map(({ entry }: { entry: { id: string } }) => entry.id)).toContain(id);
    }
  });

  it('a plan needs what it rests on, and without a plan there must be an exposed film', async () => {
    const { plan, title, madeAtMs, exposureIndex } = rollExample;
    const half = await put(randomUUID(), { plan, title, madeAtMs, exposureIndex });
    expect(half.status).toBe(400);
    expect(half.body.errors.map(({ pointer }: { pointer: string }) => pointer)).toEqual(
      expect.arrayContaining(['/recipe', '/temperatureC', '/developmentSeconds']),
    );
    const bare = await put(randomUUID(), { title, madeAtMs, exposureIndex });
    expect(bare.body.errors).toMatchObject([{ pointer: '/exposed' }]);
  });

  it('a tank learns how fast it follows the room from what was read in its runs', async () => {
    const tank = { id: randomUUID(), name: 'Two-reel', load: [] };
    expect(await tankLesson(tank.id)).toBeUndefined();
    for (const ambientC of [14, 27]) {
      const id = randomUUID();
      const drift = { ambientC, timeConstantSeconds: 600 };
      await put(id, { ...rollExample, temperatureC: 20, tank, drift });
      const poured = event('poured-in', { stepId: 'developer' });
      await happens(id, poured);
      for (const seconds of [180, 420]) {
        const truth = { ambientC, timeConstantSeconds: 2400 };
        const read = event('temperature', { temperatureC: temperatureAfter(20, truth, seconds) });
        await happens(id, { ...read, atMs: poured.atMs + seconds * 1000 });
      }
    }
    const lesson = await tankLesson(tank.id);
    expect(lesson).toMatchObject({ readings: 4, runs: 2 });
    expect(lesson!.seconds).toBeCloseTo(2400, 3);
  });

  it('a tank’s runs are found by the tank', async () => {
    const id = randomUUID();
    const tank = { id: randomUUID(), name: 'Two-reel', load: [] };
    await put(id, { ...rollExample, tank });
    expect(await rolls.runsOfTank(tank.id)).toEqual([]);
    await happens(id, event('poured-in', { stepId: 'developer' }));
    expect((await rolls.runsOfTank(tank.id)).map(({ roll }) => roll.id)).toEqual([id]);
  });
});

describe('the prints on a paper', () => {
  it('are the last ten, whatever the letters, and none for no paper', async () => {
    const setup = { ...printExample.setup, paper: 'Thistle pearl' };
    for (let n = 0; n < 12; n += 1) {
      const body = { ...printExample, setup, title: `Print ${n}`, madeAtMs: 1_770_000_000_000 + n };
      await prints.put(randomUUID(), body);
    }
    const found = await prints.ofPaper([' thistle PEARL ']);
    expect(found.map(({ title }) => title)).toEqual(
      Array.from({ length: 10 }, (_, n) => `Print ${11 - n}`),
    );
    expect(await prints.ofPaper(['Thistle'])).toEqual([]);
    // On another paper they still tell of whoever looks.
    const ids = found.map(({ id }) => id);
    const elsewhere = await prints.toLearnFrom('Thistle');
    expect(elsewhere.map(({ id }) => id)).toEqual(expect.arrayContaining(ids));
    expect(await prints.toLearnFrom('  ')).toEqual([]);
  });
});

describe('values that fit and would hurt', () => {
  const own = (everySeconds: number) => ({
    name: 'mad',
    initialSeconds: 0,
    everySeconds,
    burstSeconds: 0,
    turns: 0,
    continuous: false,
  });

  it.each([1e-6, 0.1, 4.9])('a turn every %d s is refused with a sentence', async (every) => {
    const body = { ...recipeExample, agitation: own(every) };
    const answered = await call(recipeRoute.PUT, { params: { id: randomUUID() }, body });
    expect(answered.status).toBe(400);
    expect(answered.body.errors[0].detail).toBe(
      'The time from one turn to the next is at least 5.',
    );
  });

  it('no turns at all are fine, and so is one every five seconds', async () => {
    for (const every of [0, 5]) {
      const body = { ...recipeExample, agitation: own(every) };
      const answered = await call(recipeRoute.PUT, { params: { id: randomUUID() }, body });
      expect(answered.status).toBe(201);
    }
  });

  it('a roll that was stored with such values opens, as moved all the time', async () => {
    const id = randomUUID();
    const steps = [{ id: 'd', kind: 'developer' as const, seconds: 600, agitation: own(1e-6) }];
    await rolls.put(id, { ...rollExample, plan: { ...rollExample.plan, steps } });
    const at = Date.now() - 300_000;
    await rolls.addEvent(id, { id: randomUUID(), kind: 'poured-in', stepId: 'd', atMs: at });
    const run = (await rolls.underWay()).find(({ roll }) => roll.id === id)!;
    const moment = processMoment(run.roll.plan, run.events, Date.now());
    expect(moment.hands).toBe('agitate');
    expect(cuesBetween(run.roll.plan, run.events, at, Date.now()).length).toBeLessThan(20);
    await rolls.addEvent(id, { id: randomUUID(), kind: 'finished', atMs: Date.now() });
  });

  it('a recipe with two times at one temperature is refused with a sentence', async () => {
    const points = [20, 20].map((temperatureC) => ({ temperatureC, seconds: 570 }));
    const params = { id: randomUUID() };
    const answered = await call(recipeRoute.PUT, { params, body: { ...recipeExample, points } });
    expect(answered.status).toBe(400);
    expect((answered.body as { errors: unknown[] }).errors).toEqual([
      { pointer: '/points', detail: 'The times: two of them are the same.' },
    ]);
  });

  it.each([
    ['holders', { name: 'F9', format: 'four-by-five', notches: [1, 1] }, 'The notches'],
    [
      'procedures',
      { name: 'Twice', vessel: 'tank', steps: [{ kind: 'wash' }, { kind: 'wash' }] },
      'The steps',
    ],
  ])('two of a kind in %s are refused with a sentence', async (shelf, body, what) => {
    const params = { shelf, id: randomUUID() };
    const answered = await call(shelfRoute.PUT, { params, body });
    expect(answered.status).toBe(400);
    expect(answered.body.errors[0].detail).toContain(what);
    expect(answered.body.errors[0].detail).toMatch(/only once|the same/);
  });

  it('two steps of a plan under one id are refused: an event could not tell them apart', async () => {
    const [step] = rollExample.plan.steps;
    const body = { ...rollExample, plan: { ...rollExample.plan, steps: [step, step] } };
    const answered = await call(rollRoute.PUT, { params: { id: randomUUID() }, body });
    expect(answered.body.errors).toEqual([
      { pointer: '/plan/steps', detail: 'The steps: two of them are the same.' },
    ]);
  });

  it('eighty thousand empty strips get a sentence, not eighty thousand', async () => {
    const body = { ...printExample, strips: Array.from({ length: 80_000 }, () => ({})) };
    const answered = await call(printRoute.PUT, { params: { id: randomUUID() }, body });
    expect(answered.status).toBe(400);
    expect(answered.body.errors).toEqual([
      { pointer: '/strips', detail: 'The strips: at most 200.' },
    ]);
    const few = { ...printExample, strips: Array.from({ length: 20 }, () => ({})) };
    const told = await call(printRoute.PUT, { params: { id: randomUUID() }, body: few });
    expect(told.body.errors.length).toBeLessThanOrEqual(12);
  });

  it('a table that slows down when warmer is asked about, and taken when it is meant', async () => {
    const points = [
      { temperatureC: 20, seconds: 480 },
      { temperatureC: 22, seconds: 540 },
    ];
    const id = randomUUID();
    const asked = await call(recipeRoute.PUT, {
      params: { id },
      body: { ...recipeExample, points },
    });
    expect(asked.status).toBe(400);
    expect(asked.body.errors[0]).toMatchObject({ pointer: '/points' });
    expect(asked.body.detail).toContain('It says 9:00 at 22°C, but 8:00 at 20°C');
    const meant = { ...recipeExample, points, tableMeant: true };
    expect((await call(recipeRoute.PUT, { params: { id }, body: meant })).status).toBe(201);
  });

  it.each(['urn:uuid:0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c01', 'xyz', '%00'])(
    'the id %s is none',
    async (id) => {
      expect((await call(recipeRoute.PUT, { params: { id }, body: recipeExample })).status).toBe(
        400,
      );
    },
  );

  it('an answer that is no number is refused, never null', async () => {
    expect(() => answer({ seconds: Infinity })).toThrow('the answer is no number');
    expect(() => answer({ deep: [{ share: NaN }] })).toThrow('the answer is no number');
    expect(await answer({ seconds: -0 }).text()).toBe('{"seconds":0}');
  });
});
