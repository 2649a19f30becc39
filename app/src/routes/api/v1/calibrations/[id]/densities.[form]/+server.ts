import { api, idFrom, notFound } from '$lib/server/api.ts';
import { writeCgats } from '$lib/nouns/calibration/file/cgats.ts';
import { writeDensityCsv } from '$lib/nouns/calibration/file/csv.ts';
import { keptColumns } from '$lib/nouns/calibration/file/kept-columns.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

/** The densities of a kept test: all of them as CSV, or the first (or `?column=2`) as CGATS.17. */
export const GET = api(async ({ params, url }) => {
  const found = await shelfStores.calibrations.find(idFrom(params));
  const columns = found && keptColumns(found);
  if (!found || !columns) return notFound('test with densities');
  const column = columns[Math.max(0, Number(url.searchParams.get('column') ?? 1) - 1) || 0];
  const files: Readonly<Record<string, () => { readonly type: string; readonly text: string }>> = {
    csv: () => ({
      type: 'text/csv; charset=utf-8; header=present',
      text: writeDensityCsv(columns),
    }),
    txt: () => ({
      type: 'text/plain; charset=utf-8',
      text: writeCgats(column ?? columns[0]!, {
        descriptor: found.name,
        created: new Date(found.foundAtMs).toISOString(),
      }),
    }),
  };
  const { form = '' } = params;
  const file = Object.hasOwn(files, form) ? files[form]!() : undefined;
  if (!file) return notFound('test with densities in this form');
  return new Response(file.text, {
    headers: {
      'content-type': file.type,
      'content-disposition': `attachment; filename="densities.${form}"`,
      'cache-control': 'no-store',
    },
  });
});
