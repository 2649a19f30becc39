import { error } from '@sveltejs/kit';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { forPage, pageId } from '$lib/server/page.ts';

export async function load({ params }) {
  const id = pageId(params, 'colour print');
  const [print, prints, enlargers, papers] = await forPage(() =>
    Promise.all([
      shelfStores['colour-prints'].find(id),
      shelfStores['colour-prints'].all(),
      shelfStores.enlargers.all(),
      shelfStores.papers.all(),
    ]),
  );
  if (!print) error(404, 'There is no colour print with this id.');
  const others = prints.filter((other) => other.id !== id);
  const names = [...others.map(({ paper }) => paper), ...papers.map(({ name }) => name)];
  return { print, others, enlargers, papers: [...new Set(names.filter(Boolean))] };
}
