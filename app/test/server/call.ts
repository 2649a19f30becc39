import type { RequestEvent } from '@sveltejs/kit';

/** A handler of a route, whatever its parameters are. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each route has its own event type
type Handler = (event: any) => Response | Promise<Response>;

interface Call {
  params?: Record<string, string>;
  body?: unknown;
  /** Sent as it is, instead of `body` as JSON. */
  raw?: string;
  headers?: Record<string, string>;
  search?: string;
}

/** Calls a route's handler as the framework would. */
export async function call(
  handler: Handler,
  { params = {}, body, raw, headers, search = '' }: Call = {},
) {
  const url = new URL(`http://127.0.0.1/${search}`);
  const text = raw ?? (body === undefined ? undefined : JSON.stringify(body));
  const request = new Request(url, {
    method: text === undefined ? 'GET' : 'PUT',
    headers: { 'content-type': 'application/json', ...headers },
    ...(text !== undefined && { body: text }),
  });
  const response = await handler({ params, request, url } as Partial<RequestEvent>);
  const answer = await response.text();
  return {
    status: response.status,
    type: response.headers.get('content-type'),
    etag: response.headers.get('etag'),
    // The shape differs from route to route; the tests say what they expect of it.
    // eslint-disable-next-line @typescript-eslint/no-explicit-any
    body: JSON.parse(answer) as any,
  };
}
