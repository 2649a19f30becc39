import { api, answer } from '$lib/server/api.ts';
import { database } from '$lib/server/database/connection.ts';

/** Alive, database included. */
export const GET = api(async () => {
  await database().query('SELECT 1');
  return answer({ status: 'ok', database: 'ok' });
});
