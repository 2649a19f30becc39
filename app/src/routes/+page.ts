import { redirect } from '@sveltejs/kit';

/** The work begins with the film. */
export function load() {
  redirect(307, '/film');
}
