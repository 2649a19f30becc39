import { randomUUID } from 'node:crypto';
import type { PrintDraft } from '../src/lib/nouns/in-hand/draft.ts';
import type { PrintBody } from '../src/lib/nouns/print/contract.ts';
import { versionNow } from '../src/lib/stages/print/firing-lines.ts';
import { recordOf } from '../src/lib/stages/print/keep.ts';
import { printView, type PrintView } from '../src/lib/stages/print/print-view.ts';

/** A draft of which a sheet was exposed just now. */
export function withSheet(draft: PrintDraft, view: PrintView, exposedAtMs = 5): PrintDraft {
  const version = versionNow(draft, view);
  if (!version) return draft;
  const versions = [
    ...(draft.versions ?? []).filter(({ number }) => number !== version.number),
    version,
  ];
  const sheet = { id: randomUUID(), version: version.number, exposedAtMs, firings: [] };
  return { ...draft, versions, sheets: [...(draft.sheets ?? []), sheet] };
}

/** The record of a print that was exposed as it stands on the page. */
export function made(draft: PrintDraft, title: string, exposedAtMs: number): PrintBody | undefined {
  const view = printView(draft);
  return recordOf(withSheet({ ...draft, title }, view, exposedAtMs), view);
}
