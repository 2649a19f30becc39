import { format } from 'date-fns';
import { flashPatches, planStrip, toneById, type Lamp, type StripChoices } from '@katachron/core';
import type { NamedShelves } from '../../words/called.ts';
import type { FlashTest, PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { Calibration } from '../../nouns/calibration/contract.ts';
import { flashTested } from '../../nouns/calibration/flash-test.ts';
import type { FindingBody } from '../../nouns/finding/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { findingFor, findingSetup } from './findings.ts';
import type { PrintView } from './print-view.ts';
import { flashView } from './split-view.ts';

/** Shares of the threshold in use, per cent; more than all of it is a veil. */
const shares = [
  { id: '70', name: '70 %', more: 'careful' },
  { id: '80', name: '80 %', more: 'usual' },
  { id: '90', name: '90 %', more: 'strong' },
  { id: '100', name: '100 %', more: 'just below a tone' },
  { id: '120', name: '120 %', more: 'a faint veil, on purpose, over a blank sky' },
] as const;

export const emptyFlash = (): FlashTest => ({
  clear: '',
  toned: '',
  picked: null,
  share: '80',
  where: 'overall',
});

/** The separate patches between the two that the coarse strip told apart. */
function finePatches({ clear, toned }: FlashTest, timerStep: number): readonly number[] {
  const typed = (text: string) =>
    parseDecimal(text, '', 'Type the seconds of the coarse strip’s patches, as 4 and 8.');
  return flashPatches(typed(clear), typed(toned), timerStep);
}

/** The coarse strip doubles from a second on. */
const COARSE: StripChoices = {
  kind: 'stops',
  method: 'cover-up',
  firstSeconds: 1,
  step: 1,
  patches: 6,
};

/** The firings of the coarse strip, or of the separate patches; none while they cannot be said. */
export function thresholdFirings(
  which: 'flash-1' | 'flash-2',
  form: FlashTest,
  lamp: Lamp,
): readonly { hands: string; dialSeconds: number }[] {
  const planned = attempt(() => {
    if (which === 'flash-1') return planStrip(COARSE, lamp).firings;
    return finePatches(form, lamp.timerStepSeconds).map((seconds, index) => ({
      hands: `Only patch ${index + 1} open`,
      dialSeconds: seconds + lamp.lagSeconds,
    }));
  });
  return planned.value ?? [];
}

/** Everything the flash page shows. */
export function flashPageView(
  form: FlashTest,
  bench: PrintView,
  draft: PrintDraft,
  findings: readonly FindingBody[],
  tests: readonly Calibration[],
  shelves: NamedShelves = {},
) {
  const { timerStep, lagSeconds, set, reading } = bench;
  const shown = (seconds: number) => enlargerSeconds(seconds, timerStep);
  const filled = form.clear.trim() !== '' && form.toned.trim() !== '';
  const planned = filled ? attempt(() => finePatches(form, timerStep)) : undefined;
  const patches = planned?.value ?? [];
  const setup = findingSetup(draft);
  const kept = findingFor(findings, 'flash-threshold', setup, shelves);
  const tested = kept ? undefined : flashTested(tests, setup.paper, shelves.papers);
  const picked = form.picked === null ? undefined : patches[form.picked];
  const threshold = picked ?? kept?.seconds;
  const flash = threshold !== undefined ? (threshold * Number(form.share)) / 100 : undefined;
  const effect =
    reading &&
    flashView(
      set,
      {
        paper: bench.on.paper,
        setting: reading.setting,
        seconds: reading.seconds,
        highlightDensity: toneById(draft.highlightTone).netDensity,
        timerStep,
      },
      form.share,
    );
  const keptAs = (seconds: number, foundAtMs: number): FindingBody => {
    const on = setup.paper === '' ? '' : ` on ${setup.paper}`;
    return { name: `Flash${on}`, kind: 'flash-threshold', seconds, setup, foundAtMs };
  };
  const masked =
    'Only the part under the mask becomes softer; the rest of the sheet stays as it is.';
  return {
    patches,
    coarse: thresholdFirings('flash-1', form, { lagSeconds, timerStepSeconds: timerStep })
      .map(({ dialSeconds }) => shown(dialSeconds))
      .join(', '),
    dials: patches.map((seconds) => shown(seconds + lagSeconds)).join(', '),
    threshold,
    shares,
    ...(planned?.trouble !== undefined && { trouble: planned.trouble }),
    ...(kept && {
      known: `${shown(kept.seconds)} s was found for this set-up before; it still holds.`,
    }),
    ...(tested && {
      tested: {
        words: `The test of ${format(tested.foundAtMs, 'd MMMM yyyy')} found ${shown(tested.seconds)} s on this paper with ${tested.light}. If this is the same light, it holds here.`,
        take: `Take ${shown(tested.seconds)} s for this set-up`,
        finding: keptAs(tested.seconds, tested.foundAtMs),
      },
    }),
    thresholdShown: threshold === undefined ? '' : shown(threshold),
    flashSeconds: flash === undefined ? '' : shown(flash + lagSeconds),
    sentences: [
      ...(form.where === 'masked' ? [masked] : []),
      ...(effect?.sentence ? [effect.sentence] : effect?.trouble ? [effect.trouble] : []),
      ...(reading
        ? []
        : ['Read a strip first, and what the flash does to its contrast stands here.']),
    ],
    /** The threshold as it is kept for this set-up. */
    finding(foundAtMs: number): FindingBody | undefined {
      return picked === undefined ? undefined : keptAs(picked, foundAtMs);
    },
  };
}
