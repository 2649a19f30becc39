import { colourThings } from '$lib/nouns/in-hand/limits.ts';

export function load({ url }) {
  const wanted = url.searchParams.get('what');
  return { what: colourThings.find((thing) => thing === wanted) ?? ('colour-sheet' as const) };
}
