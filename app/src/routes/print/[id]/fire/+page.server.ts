import { firedThings } from '$lib/nouns/in-hand/limits.ts';

export function load({ url }) {
  const wanted = url.searchParams.get('what');
  return { what: firedThings.find((thing) => thing === wanted) ?? ('strip' as const) };
}
