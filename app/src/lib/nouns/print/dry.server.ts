import { markOf } from './mark.ts';
import { prints } from './store.server.ts';

/** What was not judged after so long is not asked about any more, ms. */
const ASKED_FOR_MS = 30 * 86_400_000;

/** Prints with sheets of the days before that nobody has judged dry, and the marks of those sheets. */
export async function dryPrints(beforeMs: number) {
  const found = await prints.toJudge(Math.max(0, beforeMs - ASKED_FOR_MS), beforeMs);
  return found.map(({ id, title, sheets }) => ({
    ...{ id, title },
    marks: sheets
      .filter(({ verdict, exposedAtMs }) => !verdict && exposedAtMs < beforeMs)
      .map((sheet) => markOf(sheet, sheets)),
  }));
}
