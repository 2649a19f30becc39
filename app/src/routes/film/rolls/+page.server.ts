import { forPage } from '$lib/server/page.ts';
import { rolls } from '$lib/server/repositories/rolls.ts';

export const load = async () => ({ waiting: await forPage(() => rolls.waiting()) });
