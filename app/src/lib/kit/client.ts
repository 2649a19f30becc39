import type { Problem } from './problem.ts';

/** What became of a write: what is stored now, or the problem. */
export type Outcome<Value> =
  | { readonly value: Value; readonly problem?: undefined }
  | { readonly value?: undefined; readonly problem: Problem };

const away: Problem = {
  type: 'about:blank',
  title: 'Server away',
  status: 0,
  detail: 'The server does not answer. What you typed is still here; try again.',
};

/** A server that has not answered by then is lost, ms. */
const PATIENCE_MS = 8000;

/** Asks the open interface. Never throws: a server that is away is a problem like any other. */
async function ask<Value>(
  path: string,
  init: RequestInit,
  read = (response: Response): Promise<unknown> => response.json(),
): Promise<Outcome<Value>> {
  try {
    const response = await fetch(path, init);
    return response.ok
      ? { value: (await read(response)) as Value }
      : { problem: (await response.json()) as Problem };
  } catch {
    return { problem: away };
  }
}

const basedOn = (version?: number): Record<string, string> =>
  version === undefined ? {} : { 'if-match': `"${version}"` };

/** Reads something. */
export function get<Value>(path: string): Promise<Outcome<Value>> {
  return ask(path, { signal: AbortSignal.timeout(PATIENCE_MS) });
}

/** Writes something; a change says which version it is based on. On leaving a page it outlives it. */
export function put<Value>(
  path: string,
  body: unknown,
  version?: number,
  leaving = false,
): Promise<Outcome<Value>> {
  return ask(path, {
    method: 'PUT',
    keepalive: leaving,
    headers: { 'content-type': 'application/json', ...basedOn(version) },
    body: JSON.stringify(body),
    signal: AbortSignal.timeout(PATIENCE_MS),
  });
}

/** A large file over a slow line takes its time, ms. */
const FILE_PATIENCE_MS = 120_000;

/** Writes a file as it is. */
export function putFile<Value>(path: string, file: Blob): Promise<Outcome<Value>> {
  return ask(path, {
    method: 'PUT',
    headers: { 'content-type': file.type || 'application/octet-stream' },
    body: file,
    signal: AbortSignal.timeout(FILE_PATIENCE_MS),
  });
}

/** Takes something off. */
export function remove<Value>(path: string, version: number): Promise<Outcome<Value>> {
  return ask(path, { method: 'DELETE', headers: basedOn(version) });
}

/** Sends a file as it is. */
export function send<Value>(path: string, text: string, type: string): Promise<Outcome<Value>> {
  return ask(path, { method: 'POST', headers: { 'content-type': type }, body: text });
}

/** Asks for a file that is made from what is sent. */
export function fileFrom(path: string, body: unknown): Promise<Outcome<Blob>> {
  const headers = { 'content-type': 'application/json' };
  return ask(path, { method: 'POST', headers, body: JSON.stringify(body) }, (response) =>
    response.blob(),
  );
}

/** May the same write succeed later, unchanged? */
export function worthRepeating({ status }: Problem): boolean {
  return status === 0 || status >= 500;
}

/** Does the server answer now? */
export const answers = (): Promise<boolean> =>
  fetch('/api/health').then(
    ({ ok }) => ok,
    () => false,
  );
