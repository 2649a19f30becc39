import { forPage } from '$lib/server/page.ts';
import { tonightFacts } from './tonight-facts.server.ts';

export function load({ depends }) {
  depends('katachron:tonight');
  return forPage(() => tonightFacts(Date.now()));
}
