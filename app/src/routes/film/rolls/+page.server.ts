import { forPage } from '$lib/server/page.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

export const load = async () => ({ waiting: await forPage(() => rolls.waiting()) });
