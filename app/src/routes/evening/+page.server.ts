import { forPage } from '$lib/server/page.ts';
import { tonightFacts } from '../tonight-facts.server.ts';

export const load = () => forPage(async () => ({ facts: (await tonightFacts(Date.now())).facts }));
