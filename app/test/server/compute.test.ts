import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { operations } from '../../src/lib/server/operations/index.ts';
import { check } from '../../src/lib/server/validation.ts';
import { POST } from '../../src/routes/api/v1/compute/[operation]/+server.ts';
import { GET as describeApi } from '../../src/routes/api/openapi.json/+server.ts';
import { call } from './call.ts';

/** Numbers agree to a few digits; everything else exactly. */
function expectAlike(actual: unknown, expected: unknown): void {
  if (typeof expected === 'number') {
    expect(actual).toBeTypeOf('number');
    expect(Math.abs((actual as number) - expected)).toBeLessThanOrEqual(
      Math.max(0.06, Math.abs(expected) * 1e-3),
    );
  } else if (Array.isArray(expected)) {
    expect(actual).toHaveLength(expected.length);
    expected.forEach((item, index) => expectAlike((actual as unknown[])[index], item));
  } else if (expected !== null && typeof expected === 'object') {
    expect(Object.keys(actual as object).sort()).toEqual(Object.keys(expected).sort());
    for (const [key, value] of Object.entries(expected)) {
      expectAlike((actual as Record<string, unknown>)[key], value);
    }
  } else {
    expect(actual).toEqual(expected);
  }
}

/** Numbers that name a thing as its recipe does, or that matter only beside another one that the example has not. */
const ONLY_SAID = /^(recipe\/(dilution\/\d|boxSpeed)|plan\/steps\/1\/seconds|base\/0\/speedStops)$/;

type Path = readonly (string | number)[];

function numbersIn(value: unknown, at: Path = []): Path[] {
  if (typeof value === 'number') return [at];
  if (typeof value !== 'object' || value === null) return [];
  const parts = Array.isArray(value) ? [...value.entries()] : Object.entries(value);
  return parts.flatMap(([key, part]) => numbersIn(part, [...at, key]));
}

/** The same with one of its numbers another one. */
function withNumber(value: unknown, [key, ...rest]: Path, factor: number): unknown {
  if (key === undefined) return (value as number) * factor + 0.9 * (factor - 1);
  if (Array.isArray(value)) {
    return value.map((part, index) => (index === key ? withNumber(part, rest, factor) : part));
  }
  const whole = value as Record<string, unknown>;
  return { ...whole, [key]: withNumber(whole[key], rest, factor) };
}

describe.each(operations)('compute/$id', (operation) => {
  const ask = (body: unknown) => call(POST, { params: { operation: operation.id }, body });

  it('answers its own example as the description says', async () => {
    const { status, body } = await ask(operation.example.request);
    expect(status).toBe(200);
    expectAlike(body, operation.example.response);
    expect(() => check(operation.response, body)).not.toThrow();
  });

  it('names each field that is missing', async () => {
    const { status, type, body } = await ask({});
    expect(status).toBe(400);
    expect(type).toBe('application/problem+json');
    const required = (operation.request as { required?: string[] }).required ?? [];
    const pointers = body.errors.map((error: { pointer: string }) => error.pointer);
    expect(pointers).toEqual(expect.arrayContaining(required.map((name) => `/${name}`)));
  });

  it('every number of its example moves the answer', async () => {
    const { request } = operation.example;
    const base = JSON.stringify((await ask(request)).body);
    const idle: string[] = [];
    for (const path of numbersIn(request)) {
      let moved = false;
      for (const change of [1.37, 0.6, 3, 0.1, 1.9, 30]) {
        const { body } = await ask(withNumber(request, path, change));
        if (JSON.stringify(body) !== base) moved = true;
        if (moved) break;
      }
      if (!moved) idle.push(path.join('/'));
    }
    expect(idle).toEqual(idle.filter((path) => ONLY_SAID.test(path)));
  });

  it('answers anything at all with 200 or 400', async () => {
    const fields = Object.keys(operation.example.request as object);
    const wild = fc.oneof(
      fc.jsonValue(),
      fc.dictionary(fc.constantFrom(...fields), fc.jsonValue()),
      fc
        .dictionary(
          fc.constantFrom(...fields),
          fc.oneof(
            fc.constant(0),
            fc.constant(-1),
            fc.constant(1e308),
            fc.constant(''),
            fc.double(),
          ),
        )
        .map((changes) => ({ ...(operation.example.request as object), ...changes })),
    );
    await fc.assert(
      fc.asyncProperty(wild, async (body) => {
        const { status } = await ask(body);
        expect([200, 400]).toContain(status);
      }),
      { numRuns: 150 },
    );
  });
});

const compute = (operation: string, body: unknown) => call(POST, { params: { operation }, body });

describe('compute', () => {
  const ask = compute;

  it('the worked film time', async () => {
    const { request } = operations.find(({ id }) => id === 'film-time')!.example;
    const { body } = await ask('film-time', {
      ...(request as object),
      temperatureC: 20.6,
      exposureIndex: 400,
    });
    expect(Math.round(body.seconds)).toBe(538);
  });

  it('a temperature past the table is refused with a pointer and a reason', async () => {
    const { request } = operations.find(({ id }) => id === 'film-time')!.example;
    const { status, body } = await ask('film-time', { ...(request as object), temperatureC: 30 });
    expect(status).toBe(400);
    expect(body.errors).toEqual([
      { pointer: '/temperatureC', detail: expect.stringContaining('would be a guess') },
    ]);
  });

  it('the worked drifts', async () => {
    const { request } = operations.find(({ id }) => id === 'drift')!.example;
    const end = async (ambientC: number, timeConstantSeconds: number) => {
      const drift = { ambientC, timeConstantSeconds };
      return (await ask('drift', { ...(request as object), drift })).body.endSeconds;
    };
    expect(Math.round(await end(16, 1800))).toBe(10 * 60 + 33);
    expect(Math.round(await end(27, 1500))).toBe(9 * 60 + 4);
  });

  it('push and pull are said so that nobody swaps them', async () => {
    const sentence = async (boxSpeed: number, exposureIndex: number) =>
      (await ask('push', { boxSpeed, exposureIndex })).body.sentence;
    expect(await sentence(400, 1600)).toBe(
      'shot at EI 1600 on ISO 400 film: 2 stops under, push +2',
    );
    expect(await sentence(400, 320)).toBe('shot at EI 320 on ISO 400 film: ⅓ stop over, pull −⅓');
    expect(await sentence(400, 400)).toBe('shot at EI 400 on ISO 400 film: normal development');
  });

  it('an unknown calculation names those there are', async () => {
    const { status, body } = await ask('horoscope', {});
    expect(status).toBe(404);
    expect(body.detail).toContain('film-time, drift');
  });

  it.each([
    ['{', 'not readable JSON'],
    ['', 'not readable JSON'],
    ['null', 'has to be an object'],
    ['{"boxSpeed":1e999,"exposureIndex":400}', 'has to be a number'],
    ['{"boxSpeed":"400","exposureIndex":400}', 'The box speed has to be a number.'],
  ])('%j', async (raw, said) => {
    const { status, body } = await call(POST, { params: { operation: 'push' }, raw });
    expect(status).toBe(400);
    expect(JSON.stringify(body)).toContain(said);
  });

  it('wants JSON to be called JSON', async () => {
    const { status } = await call(POST, {
      params: { operation: 'push' },
      body: {},
      headers: { 'content-type': 'text/plain' },
    });
    expect(status).toBe(400);
  });

  it('a wrong kind of event is named, a wrong field is answered for its kind alone', async () => {
    const { request } = operations.find(({ id }) => id === 'process')!.example;
    const event = { id: '0b9e3e0a-6c0e-4d58-9d43-2f1f6f2a7c01', atMs: 5 };
    const errorsFor = async (events: unknown[]) =>
      (await ask('process', { ...(request as object), events })).body.errors;
    expect(await errorsFor([{ ...event, kind: 'exploded' }])).toEqual([
      { pointer: '/events/0', detail: 'The kind is none that is known.' },
    ]);
    expect(await errorsFor([{ ...event, kind: 'temperature', temperatureC: 'warm' }])).toEqual([
      { pointer: '/events/0/temperatureC', detail: 'The temperature has to be a number.' },
    ]);
  });
});

describe('a contrast', () => {
  const question = operations.find(({ id }) => id === 'contrast')!.example.request as object;

  it('has the time that its filter needs, that filter’s own speed counted', async () => {
    const { body } = await compute('contrast', { ...question, shadowSeconds: 24 });
    expect(body.nearestSettingId).toBe('4');
    expect(body.seconds).toBeCloseTo(27.55, 2);
  });

  it('of a strip beyond the usual layers is not cut off', async () => {
    const { body } = await compute('contrast', { ...question, range: 30, shadowSeconds: 10 });
    expect(body.range).toBeCloseTo(30, 1);
  });

  it('carries a long time over with the loss that was in it, by the paper’s own where it is said', async () => {
    const seconds = async (asked: object) =>
      (await compute('convert', { longTimes: true, ...asked })).body.seconds as number;
    expect(await seconds({ seconds: 180 })).toBeCloseTo(180, 6);
    expect(await seconds({ seconds: 180, aperture: { from: 11, to: 8 } })).toBeCloseTo(79.5, 1);
    expect(await seconds({ seconds: 120, aperture: { from: 8, to: 11 } })).toBeCloseTo(271.8, 1);
    const loss = { fromSeconds: 45, lossPerDoubling: 0 };
    expect(await seconds({ seconds: 120, aperture: { from: 8, to: 11 }, loss })).toBeCloseTo(
      240,
      6,
    );
  });

  it('a push beyond the rule is refused with the reason', async () => {
    const { status, body } = await compute('push', { boxSpeed: 400, exposureIndex: 6400 });
    expect(status).toBe(400);
    expect(body.detail).toContain('A push of 4 stops has no rule of thumb');
  });
});

describe('the description', () => {
  it('is OpenAPI 3.1 with every calculation and resource, and an example each', async () => {
    const { status, body } = await call(describeApi);
    expect(status).toBe(200);
    expect(body.openapi).toBe('3.1.0');
    expect(Object.keys(body.paths)).toEqual(
      expect.arrayContaining([
        '/api/v1/compute/film-time',
        '/api/v1/compute/process',
        '/api/v1/recipes/{id}',
        '/api/v1/rolls/{id}',
        '/api/v1/rolls/{id}/events/{event}',
        '/api/v1/prints/{id}',
        '/api/v1/colour-prints/{id}',
        '/api/v1/two-negatives/{id}',
        '/api/health',
      ]),
    );
    for (const path of Object.keys(body.paths)) expect(path).toMatch(/^[\w./{}-]+$/);
  });
});
