import { error } from '@sveltejs/kit';
import { forPage, pageId } from '$lib/server/page.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';
import { tankLesson } from '$lib/nouns/tank/lesson.server.ts';

export async function load({ params }) {
  if (params.id === 'new') return { tank: undefined, lesson: undefined };
  const id = pageId(params, 'tank');
  const [tank, lesson] = await forPage(() =>
    Promise.all([shelfStores.tanks.find(id), tankLesson(id)]),
  );
  if (!tank) error(404, 'There is no tank with this id.');
  return { tank, lesson };
}
