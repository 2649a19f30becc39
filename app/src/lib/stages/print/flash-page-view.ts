import { flashPatches, toneById } from '@katachron/core';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
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

export interface FlashForm {
  clear: string;
  toned: string;
  picked: number | null;
  share: (typeof shares)[number]['id'];
  where: 'overall' | 'masked';
}

export const emptyFlash = (): FlashForm => ({
  clear: '',
  toned: '',
  picked: null,
  share: '80',
  where: 'overall',
});

/** Everything the flash page shows. */
export function flashPageView(
  form: FlashForm,
  bench: PrintView,
  draft: PrintDraft,
  findings: readonly FindingBody[],
) {
  const { timerStep, lagSeconds, set, reading } = bench;
  const shown = (seconds: number) => enlargerSeconds(seconds, timerStep);
  const typed = (text: string) =>
    parseDecimal(text, '', 'Type the seconds of the coarse strip’s patches, as 4 and 8.');
  const filled = form.clear.trim() !== '' && form.toned.trim() !== '';
  const planned = filled
    ? attempt(() => flashPatches(typed(form.clear), typed(form.toned), timerStep))
    : undefined;
  const patches = planned?.value ?? [];
  const setup = findingSetup(draft);
  const kept = findingFor(findings, 'flash-threshold', setup);
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
  const masked =
    'Only the part under the mask becomes softer; the rest of the sheet stays as it is.';
  return {
    patches,
    dials: patches.map((seconds) => shown(seconds + lagSeconds)).join(', '),
    threshold,
    shares,
    ...(planned?.trouble !== undefined && { trouble: planned.trouble }),
    ...(kept && {
      known: `${shown(kept.seconds)} s was found for this set-up before; it still holds.`,
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
      if (picked === undefined) return undefined;
      const on = setup.paper === '' ? '' : ` on ${setup.paper}`;
      return { name: `Flash${on}`, kind: 'flash-threshold', seconds: picked, setup, foundAtMs };
    },
  };
}
