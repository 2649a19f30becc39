import type { Problem } from '../contract/problem.ts';

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

/** Writes through the open interface. Never throws: a server that is away is a problem like any other. */
export async function put<Value>(path: string, body: unknown): Promise<Outcome<Value>> {
  try {
    const response = await fetch(path, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer: unknown = await response.json();
    return response.ok ? { value: answer as Value } : { problem: answer as Problem };
  } catch {
    return { problem: away };
  }
}

/** May the same write succeed later, unchanged? */
export function worthRepeating({ status }: Problem): boolean {
  return status === 0 || status >= 500;
}
