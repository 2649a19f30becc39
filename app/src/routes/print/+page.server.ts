import { printPage } from '$lib/server/print-page.ts';

export function load({ cookies, depends }) {
  depends('katachron:print');
  return printPage(cookies);
}
