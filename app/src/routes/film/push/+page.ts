/** How far the page explains: from a pull of two stops to a push of three. */
const LEAST = -2;
const MOST = 3;

export function load({ url }) {
  const asked = Math.round(Number(url.searchParams.get('stops') ?? 1));
  const stops = Number.isFinite(asked) ? Math.min(MOST, Math.max(LEAST, asked)) : 1;
  return { stops, least: LEAST, most: MOST };
}
