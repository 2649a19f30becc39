import { rolls } from '$lib/nouns/roll/store.server.ts';
import { forPage } from '$lib/server/page.ts';
import { loadOf } from '$lib/stages/tonight/lights-out.ts';

export const load = ({ url }) =>
  forPage(async () => {
    const [waiting, developed] = await Promise.all([rolls.waiting(), rolls.developed()]);
    const ids = (url.searchParams.get('rolls') ?? '').split(',');
    return {
      ...loadOf(waiting.filter(({ id }) => ids.includes(id))),
      firstTime: developed.length === 0,
    };
  });
