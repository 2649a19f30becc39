import { setImmediate } from 'node:timers/promises';
import { randomUUID } from 'node:crypto';
import { stripRead } from '../test/samples.ts';
import { defaultPreferences } from '../src/lib/bench/desk/preferences.ts';
import { expect, test } from './bench.ts';
import { Maker, seeded, type Schema } from './fuzz/values.ts';

/** A request, as bare as a program or a vandal would send it. */
interface Asked {
  readonly method: string;
  readonly path: string;
  readonly headers?: Record<string, string>;
  readonly body?: string;
}
interface Operation {
  readonly method: string;
  readonly path: string;
  readonly schema?: Schema;
  readonly example?: unknown;
}

/** What is more than a hang: nobody waits for an answer for so long, ms. */
const HANG_MS = 5000;
const AT_ONCE = 4;
const SEED = Number(process.env.SEED ?? 1);

const film = {
  ...{ title: 'x', recipeId: '', exposureIndex: '400', temperature: '20', volume: '600' },
  ...{ kinds: ['developer', 'fix'], times: { fix: '3:00' }, agitations: { fix: 'each-minute' } },
  ...{ room: '18', follows: '30', n: 1, films: '1', warmTo: '20', waterBath: '40', atLeast: '5' },
};
const proof = {
  ...{ enlarger: 'x', lens: 'x', aperture: '8', head: '41', paper: 'x', developer: 'x' },
  ...{ contrastSetId: 'filters', settingId: '2', lag: '0.2', timerStep: '0.1' },
};
const print = {
  ...{ ...stripRead, developer: 'x', negativeLength: '10', printLength: '100', aperture: '8' },
  ...{ split: { soft: '0', hard: '5' }, flash: '80', dryDown: true, asFired: true },
  beside: { settingId: '4', first: '4', step: '½', patches: '7', highlight: 2, shadow: 3 },
  pair: {
    ...{ order: 'soft-first', softId: '00', hardId: '5' },
    strips: [
      { first: '4', step: '½', patches: '7', picked: 3 },
      { first: '4', step: '½', patches: '7', picked: 3 },
    ],
  },
};
const printPages = [
  '',
  '/split',
  '/flash',
  '/readings',
  '/convert',
  '/plan',
  '/edges',
  '/fire?what=print',
];
const pages = [
  ...['/film', '/film/recipes', '/film/rolls/new', '/film/packet', '/film/clock', '/film/push'],
  ...[
    '/film/clip-test',
    '/film/tanks',
    '/logbook',
    '/logbook/year',
    '/',
    '/evening',
    '/evening/lights-out',
  ],
  ...['/chemistry', '/chemistry/warm', '/chemistry/wash', '/chemistry/vessels'],
  ...['/chemistry/cupboard', '/chemistry/cupboard/new', '/chemistry/baths', '/chemistry/baths/new'],
  ...[
    '/print',
    '/print/proof',
    '/print/setup',
    '/print/colour',
    '/print/two-negatives',
    '/print/practice',
    '/calibrate',
    '/calibrate/comparisons',
  ],
  ...['/calibrate/film-speed-eye', '/calibrate/paper-tablet', '/calibrate/comparisons/new'],
];
const withId = [
  ...['/film/run/', '/film/recipes/', '/film/rolls/', '/film/tanks/', '/film/tanks/holders/'],
  '/chemistry/vessels/',
  ...['/print/colour/', '/api/v1/colour-prints/', '/print/two-negatives/'],
  ...['/calibrate/', '/calibrate/found/', '/calibrate/comparisons/', '/api/v1/calibrations/'],
  '/chemistry/baths/',
  '/chemistry/cupboard/',
  ...['/logbook/rolls/', '/logbook/prints/', '/print/', '/print/proof/', '/print/setup/papers/'],
  ...['/print/setup/enlargers/', '/api/v1/rolls/', '/api/v1/recipes/', '/api/v1/papers/'],
];
const oddIds = [
  'xyz',
  '1',
  '%zz',
  '..%2f',
  'urn:uuid:0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c01',
  '__proto__',
];
const queryKeys = ['q', 'after', 'stops', 'seconds', 'fix', 'roll', 'recipe', 'what', 'also'];
const oddQueries = [
  '%',
  "'",
  '\\',
  ':*',
  '\u0000',
  '日本',
  'x'.repeat(300),
  '½',
  '-1',
  'NaN',
  '1e999',
  '✂',
];

// Two halves of the same requests, so that two workers share them.
for (const half of [0, 1]) {
  test(`whatever is sent to whatever address, nothing is answered by a fault of ours, half ${half + 1}`, async ({
    baseURL,
    request,
  }) => {
    // What a hang is, is said below; this only has to be more than a slow machine takes.
    test.setTimeout(1_200_000);
    const base = baseURL ?? '';
    const maker = new Maker(seeded(SEED));
    const api = await (await request.get('/api/openapi.json')).json();
    const operations = Object.entries<
      Record<
        string,
        { requestBody?: { content: Record<string, { schema: Schema; example?: unknown }> } }
      >
    >(api.paths).flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, { requestBody }]): Operation => {
        const json = requestBody?.content['application/json'];
        return {
          method: method.toUpperCase(),
          path,
          ...(json && { schema: json.schema, example: json.example }),
        };
      }),
    );
    expect(operations.length).toBeGreaterThan(40);

    const asked: Asked[] = [];
    const ids = (path: string) =>
      path
        .replace('{id}', () => maker.one([randomUUID(), randomUUID(), maker.one(oddIds)]))
        .replace('{event}', randomUUID());
    const json = { 'content-type': 'application/json' };
    for (const { method, path, schema, example } of operations) {
      const times = schema ? 200 : 15;
      for (let turn = 0; turn < times; turn += 1) {
        const value = turn % 3 === 0 ? maker.bend(example) : maker.make(schema);
        asked.push({
          ...{ method, path: ids(path) },
          ...(schema && { headers: json, body: JSON.stringify(value) }),
        });
      }
    }
    const cookie = (name: string, value: unknown) => ({
      cookie: `katachron-${name}=${encodeURIComponent(typeof value === 'string' ? value : JSON.stringify(value))}`,
    });
    for (let turn = 0; turn < 1500; turn += 1) {
      const [name, value, path] = maker.one([
        ['proof', proof, '/print/proof'],
        ['film', film, '/film'],
        ['preferences', defaultPreferences, maker.one(pages)],
      ] as const);
      const bent =
        turn % 50 === 0 ? maker.one(['{', 'null', '%00', 'AAAA', '[]']) : maker.bend(value);
      // A browser keeps no larger cookie, and Node refuses a larger header.
      const headers = cookie(name, bent);
      if (headers.cookie.length < 8000) asked.push({ method: 'GET', path, headers });
    }
    // Whatever the server keeps of a print in hand, every page about it opens.
    let keptOdd = 0;
    await setImmediate();
    for (let turn = 0; turn < 250; turn += 1) {
      const id = randomUUID();
      const draft = turn === 0 ? print : maker.bend(print);
      const answer = await fetch(`${base}/api/v1/prints-in-hand/${id}`, {
        method: 'PUT',
        headers: json,
        body: JSON.stringify({ draft, state: 'in-hand', touchedAtMs: Date.now() }),
      });
      if (answer.status !== 201) continue;
      keptOdd += 1;
      for (const part of printPages) asked.push({ method: 'GET', path: `/print/${id}${part}` });
    }
    expect(keptOdd).toBeGreaterThan(20);
    for (const path of [...pages, ...pages.map((page) => `/api/v1${page}`)]) {
      for (const key of queryKeys) {
        for (let turn = 0; turn < 4; turn += 1) {
          const query = encodeURIComponent(maker.one(oddQueries));
          asked.push({ method: 'GET', path: `${path}?${key}=${query}` });
        }
      }
    }
    const oddPaths = withId.flatMap((path) => oddIds.map((id) => path + id));
    asked.push(...oddPaths.map((path) => ({ method: 'GET', path })));
    const oddPages = new Set(oddPaths.filter((path) => !path.startsWith('/api')));
    expect(asked.length).toBeGreaterThan(8_000);

    const mine = asked.filter((_, index) => index % 2 === half);
    const faults: string[] = [];
    const notFound: string[] = [];
    let next = 0;
    const worker = async () => {
      for (let one = mine[next]; one; one = mine[next]) {
        next += 1;
        const { method, path, headers = {}, body } = one;
        const ask = async () => {
          const begun = Date.now();
          const answer = await fetch(base + path, {
            ...{ method, headers, redirect: 'manual' },
            ...(body !== undefined && { body }),
            signal: AbortSignal.timeout(20_000),
          }).catch((error: unknown) => ({
            status: 0,
            text: () => Promise.resolve(String((error as Error).cause ?? error)),
          }));
          const text = await answer.text();
          return { answer, text, slow: Date.now() - begun > HANG_MS };
        };
        const first = await ask();
        // A machine that stalled is slow once, and a connection that was closed as idle just when it was used is lost once; a
        // question that hangs the server, or fells it, does so each time.
        const { answer, text, slow } =
          first.slow || first.answer.status === 0 ? await ask() : first;
        if (answer.status >= 500 || answer.status === 0 || slow) {
          const sent = (body ?? headers.cookie ?? '').slice(0, 600);
          faults.push(
            `${answer.status} ${method} ${path} ${slow ? 'slow' : ''} ${sent} ${text.slice(0, 200)}`,
          );
        }
        if (
          answer.status === 200 &&
          /(?:Infinity|NaN)(?!")/.test(text) &&
          path.startsWith('/api/v1/compute')
        ) {
          faults.push(`no number: ${path} ${body ?? ''}`);
        }
        if (oddPages.has(path) && method === 'GET' && ![404, 400].includes(answer.status))
          notFound.push(`${answer.status} ${path}`);
      }
    };
    // Making all that up took longer than the server keeps an idle connection: a turn of the loop notices those it has closed.
    await setImmediate();
    await Promise.all(Array.from({ length: AT_ONCE }, worker));
    expect(faults.slice(0, 5)).toEqual([]);
    expect(notFound).toEqual([]);
    expect(await (await fetch(`${base}/api/health`)).json()).toMatchObject({ status: 'ok' });
  });
}
