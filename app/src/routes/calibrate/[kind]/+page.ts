import { error } from '@sveltejs/kit';
import { testKindOf } from '$lib/nouns/calibration/kinds/index.ts';

export function load({ params, data }) {
  const kind = testKindOf(params.kind);
  if (!kind) error(404, 'There is no test of this name.');
  return { ...data, kind };
}
