import type { Cookies } from '@sveltejs/kit';
import type { Static, TSchema } from 'typebox';
import { unpacked } from '../kit/cookie.ts';
import { fits } from './validation.ts';

/** What a cookie holds when it fits its schema; anything else, however odd, is as if it were not there. */
export function kept<Schema extends TSchema>(
  cookies: Cookies,
  name: string,
  schema: Schema,
): Static<Schema> | undefined {
  const text = cookies.get(name);
  if (text === undefined) return undefined;
  try {
    const value = unpacked(text);
    return fits(schema, value) ? value : undefined;
  } catch {
    return undefined;
  }
}
