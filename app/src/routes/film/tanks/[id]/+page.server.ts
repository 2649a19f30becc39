import { error } from '@sveltejs/kit';
import { idFrom } from '$lib/server/api.ts';
import { forPage } from '$lib/server/page.ts';
import { shelfStores } from '$lib/server/repositories/shelves.ts';
import { tankLesson } from '$lib/server/tank-lesson.ts';

export async function load({ params }) {
  if (params.id === 'new') return { tank: undefined, lesson: undefined };
  const id = idFrom(params);
  const [tank, lesson] = await forPage(() =>
    Promise.all([shelfStores.tanks.find(id), tankLesson(id)]),
  );
  if (!tank) error(404, 'There is no tank with this id.');
  return { tank, lesson };
}
