import { printPage } from '$lib/server/print-page.ts';

export const load = ({ cookies }) => printPage(cookies);
