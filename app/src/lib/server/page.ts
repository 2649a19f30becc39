import { error } from '@sveltejs/kit';
import { InvalidInput } from './problem/invalid-input.ts';
import { DATABASE_AWAY, isDatabaseAway } from './problem/response.ts';

/** Runs what a page reads; a database that is away becomes a page that says so. */
export async function forPage<Value>(read: () => Promise<Value>): Promise<Value> {
  try {
    return await read();
  } catch (cause) {
    if (isDatabaseAway(cause)) error(503, DATABASE_AWAY);
    if (cause instanceof InvalidInput) error(400, cause.message);
    throw cause;
  }
}
