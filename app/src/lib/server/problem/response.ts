import { Refusal } from '@katachron/core';
import { ConnectionError, DatabaseError } from 'sequelize';
import type { Problem } from '../../kit/problem.ts';
import { log } from '../log.ts';
import { Conflict } from '../store/conflict.ts';
import { InvalidInput } from './invalid-input.ts';

const HEADERS = { 'content-type': 'application/problem+json', 'cache-control': 'no-store' };

/** A problem+json answer (RFC 9457). */
export function problem(
  status: number,
  title: string,
  detail: string,
  more: Partial<Problem> = {},
): Response {
  const body: Problem = { type: 'about:blank', title, status, detail, ...more };
  return new Response(JSON.stringify(body), { status, headers: HEADERS });
}

export const DATABASE_AWAY =
  'The database does not answer. What you typed is still here; try again in a moment.';

/** PostgreSQL's classes for a server that is going away or not there. */
const AWAY = /^(08|57P)/;
/** Sequelize’s plain error once it was closed. */
const CLOSED = /connection manager was closed/;

export function isDatabaseAway(cause: unknown): boolean {
  if (cause instanceof ConnectionError) return true;
  // A server that is being stopped has closed its connections while it still answers.
  if (cause instanceof Error && CLOSED.test(cause.message)) return true;
  if (!(cause instanceof DatabaseError)) return false;
  const { code, message } = cause.original as Error & { code?: string };
  return AWAY.test(code ?? '') || /Connection terminated|ECONN/.test(message);
}

export const DISK_FULL =
  'The disk is full, so nothing was stored. What you typed is still here; make room and try again.';

/** PostgreSQL's code for a disk without room. */
const NO_ROOM = '53100';

export function isDiskFull(cause: unknown): boolean {
  if (!(cause instanceof DatabaseError)) return false;
  return (cause.original as Error & { code?: string }).code === NO_ROOM;
}

/** What a client is told about anything that was thrown; never a stack. */
export function problemFor(cause: unknown): Response {
  if (cause instanceof InvalidInput) {
    return problem(400, 'Wrong input', cause.message, { errors: [...cause.errors] });
  }
  if (cause instanceof Refusal) {
    return problem(400, 'Wrong input', cause.message, {
      errors: [{ pointer: cause.field, detail: cause.message }],
    });
  }
  if (cause instanceof Conflict) {
    return problem(409, 'Changed meanwhile', cause.message, {
      stored: cause.stored,
      sent: cause.sent,
    });
  }
  if (isDiskFull(cause)) return problem(503, 'Disk full', DISK_FULL);
  if (isDatabaseAway(cause)) return problem(503, 'Database away', DATABASE_AWAY);
  if (cause instanceof Error && 'status' in cause && cause.status === 413) {
    return problem(
      413,
      'File too large',
      'That is more than a form or a file of ours can be. Nothing was stored.',
    );
  }
  log.error(cause);
  return problem(500, 'Our fault', 'Something went wrong here. Nothing that was stored is lost.');
}
