import { InHandBody } from '$lib/nouns/in-hand/contract.ts';
import { printsInHand } from '$lib/nouns/in-hand/store.server.ts';
import { removal, resource } from '$lib/server/api.ts';

export const { GET, PUT } = resource('print in hand', InHandBody, printsInHand);
export const DELETE = removal('print in hand', printsInHand);
