import { BaseError } from 'sequelize';

/** PostgreSQL's codes for what can be wrong with the address of a database, and what is said of each. */
const sentences: Record<string, (host: string, name: string) => string> = {
  '28P01': (host) => `The database at ${host} does not accept this user and password.`,
  '28000': (host) => `The database at ${host} does not let this user in.`,
  '3D000': (host, name) => `The database server at ${host} has no database ${name}.`,
  '53100': (host) => `The disk of the database at ${host} is full.`,
  '42501': (host) => `The database at ${host} does not let this user make its tables.`,
};
const away = (host: string) => `No database answers at ${host}.`;
const unreachable = ['ECONNREFUSED', 'ENOTFOUND', 'EAI_AGAIN', 'ETIMEDOUT', 'EHOSTUNREACH'];

/** Why a database cannot be used, in a sentence; nothing for what is a fault of ours. */
export function connectionTrouble(cause: unknown, address: string): string | undefined {
  if (!(cause instanceof BaseError)) return undefined;
  const { code = '' } = ((cause as { original?: unknown }).original ?? {}) as { code?: string };
  const { host, pathname } = new URL(address);
  const said = sentences[code]?.(host, decodeURIComponent(pathname.slice(1)));
  if (said) return said;
  const gone = unreachable.includes(code) || /^(08|57P)/.test(code);
  return gone || cause.name.startsWith('SequelizeConnection') || cause.name.includes('Host')
    ? away(host)
    : undefined;
}
