import { firedThings } from '$lib/stages/print/firing-lines.ts';
import { printPage } from '$lib/stages/print/load.server.ts';

export async function load({ cookies, url }) {
  const wanted = url.searchParams.get('what');
  const what = firedThings.find((thing) => thing === wanted) ?? 'strip';
  return { what, ...(await printPage(cookies)) };
}
