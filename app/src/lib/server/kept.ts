import type { Cookies } from '@sveltejs/kit';
import type { Static, TObject, TSchema } from 'typebox';
import { unpacked } from '../kit/cookie.ts';
import { fits } from './validation.ts';

function contentsOf(cookies: Cookies, name: string): unknown {
  const text = cookies.get(name);
  if (text === undefined) return undefined;
  try {
    return unpacked(text);
  } catch {
    return undefined;
  }
}

/** What a cookie holds when it fits its schema; anything else, however odd, is as if it were not there. */
export function kept<Schema extends TSchema>(
  cookies: Cookies,
  name: string,
  schema: Schema,
): Static<Schema> | undefined {
  const value = contentsOf(cookies, name);
  return value !== undefined && fits(schema, value) ? value : undefined;
}

/**
 * The same part for part, each that fits in the place of its default: where another version wrote a cookie, one habit that
 * is not understood must not take the light with it.
 */
export function keptParts<Schema extends TObject>(
  cookies: Cookies,
  name: string,
  schema: Schema,
  defaults: Static<Schema>,
): Static<Schema> {
  const value = contentsOf(cookies, name);
  if (typeof value !== 'object' || value === null) return defaults;
  const parts = Object.entries(value).filter(
    ([part, one]) =>
      Object.hasOwn(schema.properties, part) && fits(schema.properties[part] as TSchema, one),
  );
  return { ...(defaults as object), ...Object.fromEntries(parts) } as Static<Schema>;
}
