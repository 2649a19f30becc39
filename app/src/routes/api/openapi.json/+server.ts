import { api, answer } from '$lib/server/api.ts';
import { openApi } from '$lib/server/openapi.ts';

/** The open interface, described from the schemas that check it. */
export const GET = api(() => answer(openApi()));
