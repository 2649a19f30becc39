import { contrastSet } from '@katachron/core';
import type { PrintDraft } from './draft.ts';

/** What a print is called while it may have no name yet. */
export function inHandName({ title, negative }: Pick<PrintDraft, 'title' | 'negative'>): string {
  return title.trim() || negative.trim() || 'A print without a name';
}

/** "F-031 / 14, on Marrow fibre, filters, 3 strips": a print in hand in a line. */
export function inHandLine(draft: PrintDraft): string {
  const strips = draft.earlier.length;
  return [
    draft.title.trim() === '' ? '' : draft.negative.trim(),
    draft.paper.trim() && `on ${draft.paper.trim()}`,
    contrastSet(draft.contrastSetId).name,
    strips > 0 && `${strips} ${strips === 1 ? 'strip' : 'strips'} read`,
  ]
    .filter(Boolean)
    .join(', ');
}
