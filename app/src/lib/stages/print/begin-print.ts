import { firstStrip } from '@katachron/core';
import { newDraft } from '../../nouns/in-hand/begin.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import { paperFacts } from '../../nouns/paper/facts.ts';
import { called } from '../../words/called.ts';
import { sameName } from '../../words/same-name.ts';
import { attempt } from '../../words/attempt.ts';
import { stripPartDraft } from './keep.ts';
import { printView } from './print-view.ts';
import { teachers } from './session.ts';
import { lensWords, type Bench } from './setup-now.ts';

/** A first strip that is placed by what was read of the negative, or by prints made before, and how many they were. */
export interface PlacedStrip {
  readonly strip: ReturnType<typeof stripPartDraft> & Partial<Pick<PrintDraft, 'method'>>;
  readonly prints?: number;
}

/**
 * The first strip of a print as what was read of its negative places it, or the prints made before in its set-up; nothing
 * where they are too few, or where what was read is enough without a strip.
 */
export function placedStrip(
  draft: PrintDraft,
  bench: Bench,
  { together, lagSeconds, timerStep } = printView(draft, bench),
): PlacedStrip | undefined {
  if (together) {
    const { next, separately } = together;
    // Where the lamp's lag matters and nobody knows it, patches are exposed one by one.
    const method = separately ? { method: 'separate' as const } : {};
    return next.length > 0 ? { strip: { ...stripPartDraft(next), ...method } } : undefined;
  }
  // A time holds where the head stands and the lens is stopped down as they were then.
  const { paper, set } = paperFacts(draft.paper, draft.contrastSetId, bench.papers);
  const taught = teachers(draft, bench).filter(
    ({ print: { setup } }) =>
      sameName(setup.lens, lensWords(draft)) && sameName(setup.head, draft.head),
  );
  const parts = attempt(() =>
    firstStrip({
      ...{ paper, set, mostParts: draft.sideBySide ? 2 : 1 },
      lamp: { lagSeconds, timerStepSeconds: timerStep },
      earlier: taught.map((one) => one.taught),
    }),
  ).value;
  return parts && { strip: stripPartDraft(parts), prints: taught.length };
}

/** A draft with that strip in the place of the one that stands there. */
export function withPlaced(draft: PrintDraft, placed: PlacedStrip | undefined): PrintDraft {
  if (!placed) return draft;
  const { beside, ...own } = placed.strip;
  const { beside: _before, ...rest } = draft;
  return { ...rest, ...own, ...(beside && { beside }) };
}

/** Does the strip stand there as it was placed? */
export function isPlaced(draft: PrintDraft, { strip }: PlacedStrip): boolean {
  const { beside, ...own } = strip;
  return (
    (Object.keys(own) as (keyof typeof own)[]).every((part) => draft[part] === own[part]) &&
    draft.beside?.settingId === beside?.settingId
  );
}

/** The lamp as its enlarger has it by now: a test may have told more than the last print knew. A lag that nobody measured says nothing. */
function lampOf(draft: PrintDraft, { enlargers }: Bench): Partial<PrintDraft> {
  const lamp = called(enlargers, draft.enlarger)?.lamp;
  if (!lamp) return {};
  return {
    timerStep: String(lamp.timerStepSeconds),
    ...(lamp.lagSeconds !== 0 && { lag: String(lamp.lagSeconds) }),
  };
}

/** A print that is begun: in the set-up of the last one and by its enlarger's lamp, its strip placed by what was printed there. */
export function beginPrint(last: PrintDraft | undefined, bench: Bench): PrintDraft {
  const begun = newDraft(last);
  const draft = { ...begun, ...lampOf(begun, bench) };
  return withPlaced(draft, placedStrip(draft, bench));
}
