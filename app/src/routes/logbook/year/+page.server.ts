import { forPage } from '$lib/server/page.ts';
import { printedYears, printsMade } from '$lib/stages/logbook/year.server.ts';

const LEAST_YEAR = 1970;
const MOST_YEAR = 9999;

export async function load({ url }) {
  return forPage(async () => {
    const years = await printedYears();
    const asked = Number(url.searchParams.get('year') ?? years[0] ?? new Date().getFullYear());
    const sound = Number.isInteger(asked) && asked >= LEAST_YEAR && asked <= MOST_YEAR;
    const year = sound ? asked : (years[0] ?? new Date().getFullYear());
    const [from, to] = [new Date(year, 0, 1), new Date(year + 1, 0, 1)];
    return { year, years, prints: await printsMade(from.getTime(), to.getTime()) };
  });
}
