import { Refusal } from '@katachron/core';
import type { RequestEvent } from '@sveltejs/kit';
import type { Static, TSchema } from 'typebox';
import { MOST_BODY_BYTES, bodyText } from './body.ts';
import { InvalidInput } from './problem/invalid-input.ts';
import { problem, problemFor } from './problem/response.ts';
import { VersionMissing, type Written } from './store/versioned.ts';
import { check } from './validation.ts';
import { uuid } from '../kit/fields.ts';

type Handler<Event extends RequestEvent> = (event: Event) => Promise<Response> | Response;

/** Wraps a handler of the open interface, so that whatever it throws becomes a problem a client can read. */
export function api<Event extends RequestEvent>(handler: Handler<Event>): Handler<Event> {
  return async (event) => {
    try {
      return await handler(event);
    } catch (cause) {
      if (cause instanceof VersionMissing) {
        return problem(428, 'Version missing', 'Say in If-Match which version this is based on.');
      }
      return problemFor(cause);
    }
  };
}

const JSON_HEADERS = { 'content-type': 'application/json', 'cache-control': 'no-store' };

/** JSON has no number for what is endless or undefined and would say null: nobody is told that. */
function finite(_key: string, value: unknown): unknown {
  if (typeof value === 'number' && !Number.isFinite(value)) {
    throw new Refusal('no-number', '', 'With these values the answer is no number.');
  }
  return value;
}

export function answer(value: unknown, status = 200, headers: Record<string, string> = {}) {
  const body = JSON.stringify(value, finite);
  return new Response(body, { status, headers: { ...JSON_HEADERS, ...headers } });
}

/** The database keeps no sign of a zero; what is the same to it is the same here. */
const plainZero = (_key: string, value: unknown) => (value === 0 ? 0 : value);

/** Reads and checks a JSON body. */
export async function readBody<Schema extends TSchema>(
  request: Request,
  schema: Schema,
  most = MOST_BODY_BYTES,
): Promise<Static<Schema>> {
  const type = request.headers.get('content-type') ?? '';
  if (!type.startsWith('application/json')) {
    throw new InvalidInput([
      { pointer: '', detail: 'Send JSON, with content-type application/json.' },
    ]);
  }
  let value: unknown;
  try {
    value = JSON.parse(await bodyText(request, most), plainZero);
  } catch (cause) {
    // What is nested past any sense is as unreadable as what is no JSON.
    if (!(cause instanceof SyntaxError || cause instanceof RangeError)) throw cause;
    throw new InvalidInput([{ pointer: '', detail: 'The body is not readable JSON.' }]);
  }
  return check(schema, value);
}

const idSchema = uuid('The id');

export function idFrom(params: Partial<Record<string, string>>, name = 'id'): string {
  return check(idSchema, params[name]).toLowerCase();
}

export function notFound(what: string): Response {
  return problem(404, 'Not found', `There is no ${what} with this id.`);
}

export const etag = (version: number) => `"${version}"`;

/** The version that a write says it is based on. */
export function basedOn(request: Request): number | undefined {
  const header = request.headers.get('if-match');
  if (header === null) return undefined;
  const version = /^"(\d{1,9})"$/.exec(header.trim())?.[1];
  if (version === undefined) {
    throw new InvalidInput([{ pointer: '', detail: 'If-Match holds one version, as "3".' }]);
  }
  return Number(version);
}

interface Store<Body, Resource> {
  find: (id: string) => Promise<Resource | undefined>;
  put: (id: string, body: Body, basedOn?: number) => Promise<Written<Resource>>;
}

/** GET and PUT of one resource under a version. */
export function resource<Schema extends TSchema, Resource extends { version: number }>(
  what: string,
  schema: Schema,
  store: Store<Static<Schema>, Resource>,
) {
  return {
    GET: api(async ({ params }) => {
      const found = await store.find(idFrom(params));
      return found ? answer(found, 200, { etag: etag(found.version) }) : notFound(what);
    }),
    PUT: api(async ({ params, request }) => {
      const id = idFrom(params);
      const body = await readBody(request, schema);
      const { resource: kept, created } = await store.put(id, body, basedOn(request));
      return answer(kept, created ? 201 : 200, { etag: etag(kept.version) });
    }),
  };
}

/** DELETE of one resource under a version: what nothing else rests on can be taken off, and put back. */
export function removal<Resource>(
  what: string,
  store: { remove: (id: string, basedOn?: number) => Promise<Resource | undefined> },
) {
  return api(async ({ params, request }) => {
    const removed = await store.remove(idFrom(params), basedOn(request));
    return removed ? answer(removed) : notFound(what);
  });
}
