import { printPage } from '$lib/stages/print/load.server.ts';

export const load = ({ cookies }) => printPage(cookies);
