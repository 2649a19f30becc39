import { RollBody } from '$lib/contract/roll.ts';
import { resource } from '$lib/server/api.ts';
import { rolls } from '$lib/server/repositories/rolls.ts';

export const { GET, PUT } = resource('roll', RollBody, rolls);
