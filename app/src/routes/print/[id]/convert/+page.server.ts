/** A time that another page sends along. */
export function load({ url }) {
  const seconds = Number(url.searchParams.get('seconds'));
  return { seconds: seconds > 0 && seconds < 36_000 ? String(Number(seconds.toFixed(2))) : '' };
}
