import Type from 'typebox';
import { instantMs, text, uuid } from '../../kit/fields.ts';
import type { LogbookCursor } from './store.server.ts';
import { check } from '../../server/validation.ts';

const words = text('What to look for', 200);
const cursor = Type.Object({ madeAtMs: instantMs('The instant'), id: uuid('The id') });

/** What an address asks of the logbook: words, and the entry after which to go on. */
export function logbookQuery(url: URL): { words: string; after?: LogbookCursor } {
  const typed = check(words, url.searchParams.get('q') ?? '');
  const after = url.searchParams.get('after');
  if (after === null) return { words: typed };
  const [instant, ...id] = after.split('_');
  return { words: typed, after: check(cursor, { madeAtMs: Number(instant), id: id.join('_') }) };
}
