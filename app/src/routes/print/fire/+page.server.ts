import { printPage } from '$lib/server/print-page.ts';

export async function load({ cookies, url }) {
  const what = url.searchParams.get('what') === 'print' ? ('print' as const) : ('strip' as const);
  return { what, ...(await printPage(cookies)) };
}
