import { PrintBody } from '$lib/contract/print.ts';
import { resource } from '$lib/server/api.ts';
import { prints } from '$lib/server/repositories/prints.ts';

export const { GET, PUT } = resource('print', PrintBody, prints);
