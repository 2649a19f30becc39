import { answer, api } from '$lib/server/api.ts';
import { plansOf } from '$lib/stages/print/other-plans.server.ts';

/** A negative is called with no more letters than this. */
const MOST_LETTERS = 80;

export const GET = api(async ({ url: { searchParams } }) => {
  const negative = (searchParams.get('negative') ?? '').slice(0, MOST_LETTERS);
  return answer({ plans: await plansOf(negative, searchParams.get('but') ?? undefined) });
});
