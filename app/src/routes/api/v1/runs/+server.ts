import { uuid } from '$lib/kit/fields.ts';
import { isPlanned } from '$lib/nouns/roll/film-of.ts';
import { answer, api } from '$lib/server/api.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';
import { check } from '$lib/server/validation.ts';

const idSchema = uuid('The roll’s id');

/** The runs in the sink now with what happened to them; with `also` one more, whether it has begun or is over. */
export const GET = api(async ({ url }) => {
  const also = url.searchParams.get('also');
  const runs = await rolls.underWay();
  if (also === null || runs.some(({ roll }) => roll.id === also)) return answer({ runs });
  const one = await rolls.withEvents(check(idSchema, also).toLowerCase());
  const more = one && isPlanned(one.roll) ? [{ ...one, roll: one.roll }] : [];
  return answer({ runs: [...runs, ...more] });
});
