import { error } from '@sveltejs/kit';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { called, type Named } from '$lib/words/called.ts';
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
  // Papers of other colour prints that stand on no shelf are offered as well.
  const names = others.map(({ paper }) => paper).filter((name) => name && !called(papers, name));
  const more = [...new Set(names)].map((name): Named => ({ name }));
  return { print, others, enlargers, papers: [...papers, ...more] };
}
