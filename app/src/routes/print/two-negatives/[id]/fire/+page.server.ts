import { twoThings } from '$lib/nouns/in-hand/limits.ts';

export function load({ url }) {
  const wanted = url.searchParams.get('what');
  return { what: twoThings.find((thing) => thing === wanted) ?? ('two-grid' as const) };
}
