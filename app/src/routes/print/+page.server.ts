import { printPage } from '$lib/stages/print/load.server.ts';

export function load({ cookies, depends }) {
  depends('katachron:print');
  return printPage(cookies);
}
