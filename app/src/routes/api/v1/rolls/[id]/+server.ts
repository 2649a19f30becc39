import { RollBody } from '$lib/nouns/roll/contract.ts';
import { resource } from '$lib/server/api.ts';
import { rolls } from '$lib/nouns/roll/store.server.ts';

export const { GET, PUT } = resource('roll', RollBody, rolls);
