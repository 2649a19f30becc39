import { error } from '@sveltejs/kit';
import { prints } from '$lib/nouns/print/store.server.ts';
import { forPage, pageId } from '$lib/server/page.ts';

export async function load({ url }) {
  const [a, b] = ['a', 'b'].map((name) =>
    pageId({ id: url.searchParams.get(name) ?? '' }, 'print'),
  ) as [string, string];
  const [left, right] = await forPage(() => Promise.all([prints.find(a), prints.find(b)]));
  if (!left || !right) error(404, 'There is no print with this id.');
  return { a: left, b: right };
}
