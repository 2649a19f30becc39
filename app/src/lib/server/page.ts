import { error } from '@sveltejs/kit';
import { uuid } from '../kit/fields.ts';
import { InvalidInput } from './problem/invalid-input.ts';
import { DATABASE_AWAY, isDatabaseAway } from './problem/response.ts';
import { fits } from './validation.ts';

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

const idSchema = uuid('The id');

/** The id in a page's address; one that is none leads nowhere, like one that nothing has. */
export function pageId({ id = '' }: { id?: string }, what: string): string {
  if (!fits(idSchema, id)) error(404, `There is no ${what} with this id.`);
  return id.toLowerCase();
}
