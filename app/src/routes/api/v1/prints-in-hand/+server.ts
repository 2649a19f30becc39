import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { answer, api } from '$lib/server/api.ts';

export const GET = api(async () => answer({ prints: await printsInHand.all() }));
