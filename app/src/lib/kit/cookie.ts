const YEAR_SECONDS = 31_536_000;

/** Names of the cookies: what belongs to this device, and two pages as they were left. */
export const cookieNames = {
  preferences: 'katachron-preferences',
  film: 'katachron-film',
  proof: 'katachron-proof',
} as const;

/** All cookies together are sent with every request: they take a kilobyte at most. The habits of this device get so much. */
const MOST_BYTES = 320;

/** As base64url: a third larger than its JSON, where percent signs would nearly double it. */
function packed(value: unknown): string {
  const bytes = new TextEncoder().encode(JSON.stringify(value));
  const base64 = btoa(String.fromCodePoint(...bytes));
  return base64.replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '');
}

/** A key that is none of ours, and that pages cannot be sent with. */
const withoutProto = (key: string, value: unknown) => (key === '__proto__' ? undefined : value);

/** What a cookie holds, packed or as plain JSON. */
export function unpacked(text: string): unknown {
  if (text.startsWith('{')) return JSON.parse(text, withoutProto);
  const bytes = atob(text.replaceAll('-', '+').replaceAll('_', '/'));
  const json = new TextDecoder().decode(Uint8Array.from(bytes, (byte) => byte.codePointAt(0)!));
  return JSON.parse(json, withoutProto);
}

/**
 * Keeps a value in this browser, where the server sees it at the next first paint.
 * @returns false when it is too large to keep; what was kept before stays
 */
export function keepInCookie(name: string, value: unknown, most = MOST_BYTES): boolean {
  const encoded = packed(value);
  if (name.length + encoded.length > most) return false;
  document.cookie = `${name}=${encoded}; path=/; max-age=${YEAR_SECONDS}; samesite=strict`;
  return true;
}

/** What this browser keeps under a name, in the browser only; undefined for anything that cannot be read. */
export function readCookie(name: string): unknown {
  if (typeof document === 'undefined') return undefined;
  const found = document.cookie.split('; ').find((pair) => pair.startsWith(`${name}=`));
  try {
    return found && unpacked(decodeURIComponent(found.slice(name.length + 1)));
  } catch {
    return undefined;
  }
}
