import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

/** A time that another page sends along, and what papers were found to lose in long exposures. */
export async function load({ url }) {
  const seconds = Number(url.searchParams.get('seconds'));
  const calibrations = await forPage(() => shelfStores.calibrations.all());
  return {
    seconds: seconds > 0 && seconds < 36_000 ? String(Number(seconds.toFixed(2))) : '',
    tests: calibrations.filter(({ kind }) => kind === 'paper-reciprocity'),
  };
}
