import { PrintBody } from '$lib/nouns/print/contract.ts';
import { resource } from '$lib/server/api.ts';
import { prints } from '$lib/nouns/print/store.server.ts';

export const { GET, PUT } = resource('print', PrintBody, prints);
