import { addStops, maximumBlackOf, planStrip, stripKinds, type StripKindId } from '@katachron/core';
import type { NamedShelves } from '../../words/called.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { FindingBody } from '../../nouns/finding/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { stepWanted } from '../../words/strip-step.ts';
import type { FiringLine } from './firing-lines.ts';
import { findingFor, findingSetup, setupDifferences } from './findings.ts';
import type { PrintView } from './print-view.ts';

/** The strip across the film's clear edge, as it is being typed. */
export interface BlackForm {
  /** The roll whose frames lie on it; empty for other negatives. */
  rollId: string;
  film: string;
  kind: StripKindId;
  first: string;
  step: string;
  patches: string;
  picked: number | null;
  /** As a densitometer read the patches, above paper white. */
  densities: string;
  school: 'proof' | 'dark';
  /** The proof is given in the very firings of the strip's patch. */
  asFired: boolean;
}

export const emptyBlack = (film = '', rollId = ''): BlackForm => ({
  rollId,
  film,
  kind: 'stops',
  first: '4',
  step: '¼',
  patches: '8',
  picked: null,
  densities: '',
  school: 'proof',
  asFired: false,
});

/** Half a stop more: read on a light table, highlights by reflection and shadows by transmission. */
const DARK_SCHOOL_STOPS = 1 / 2;

/** The patch that the densities name as the first black one, or what is wrong with them. */
function byDensities(
  { densities }: BlackForm,
  patches: number,
): { patch?: number; words?: string } {
  if (densities.trim() === '') return {};
  const sentence = 'Type the densities of the patches, lightest first, as 1.46 1.66 1.84.';
  const read = attempt(() => {
    const typed = densities.trim().split(/[\s;]+/);
    return maximumBlackOf(typed.map((text) => parseDecimal(text, '', sentence)));
  });
  if (read.trouble !== undefined) return { words: read.trouble };
  if (!read.value || read.value.patch >= patches) {
    return {
      words: 'By the densities black is not reached yet: make a strip that reaches further.',
    };
  }
  const { patch, share } = read.value;
  const percent = Number((100 * share).toFixed(1));
  return {
    patch,
    words: `By the densities patch ${patch + 1} is the first black one, ${percent} % of the deepest.`,
  };
}

/** Everything that the proof page shows about its time. */
export function blackView(
  form: BlackForm,
  bench: PrintView,
  draft: PrintDraft,
  findings: readonly FindingBody[],
  shelves: NamedShelves = {},
) {
  const { lagSeconds, timerStep } = bench;
  const shown = (seconds: number) => enlargerSeconds(seconds, timerStep);
  const kind = stripKinds.find(({ id }) => id === form.kind)!;
  const planned = attempt(() =>
    planStrip(
      {
        kind: form.kind,
        method: 'cover-up',
        firstSeconds: parseDecimal(form.first, '', 'Type the first exposure in seconds, as 4.'),
        step:
          kind.step === 'fixed'
            ? kind.usualStep
            : parseDecimal(form.step, '', stepWanted[kind.step]),
        patches: parseDecimal(form.patches, '', 'Type how many patches, as 8.'),
      },
      { lagSeconds, timerStepSeconds: timerStep },
    ),
  );
  const seconds = planned.value?.patches.map(({ givenSeconds }) => givenSeconds) ?? [];
  const setup = findingSetup(draft, form.film);
  const kept = findingFor(findings, 'maximum-black', setup, shelves);
  const near = kept
    ? undefined
    : findings
        .filter(({ kind }) => kind === 'maximum-black')
        .map((finding) => ({ finding, differs: setupDifferences(finding.setup, setup, shelves) }))
        .sort((a, b) => a.differs.length - b.differs.length)[0];
  const measured = byDensities(form, seconds.length);
  const position = form.picked ?? measured.patch ?? null;
  const picked = position === null ? undefined : seconds[position];
  const found = picked ?? kept?.seconds;
  const time =
    found === undefined
      ? undefined
      : addStops(found, form.school === 'dark' ? DARK_SCHOOL_STOPS : 0);
  const filter = `${bench.set.noun} ${bench.setting.name}`;
  const lines = (firings: readonly { hands: string; dialSeconds: number }[]): FiringLine[] =>
    firings.map(({ hands, dialSeconds }) => ({
      ...{ hands, filter, dialSeconds: Number(shown(dialSeconds)), dial: shown(dialSeconds) },
    }));
  const strip = planned.value?.firings ?? [];
  const own = form.asFired && form.school === 'proof' && position !== null;
  const sheet = own
    ? strip.slice(0, position + 1).map(({ dialSeconds }) => ({ hands: 'Whole sheet', dialSeconds }))
    : time === undefined
      ? []
      : [{ hands: 'Whole sheet, under glass', dialSeconds: time + lagSeconds }];
  return {
    kind,
    /** What it is made in, as it is kept with a finding and with a sheet. */
    setup,
    /** What the lamp does for the strip, and for the proof itself. */
    firings: { strip: lines(strip), sheet: lines(sheet) },
    seconds,
    dials: planned.value?.firings.map(({ dialSeconds }) => shown(dialSeconds)).join(', ') ?? '',
    ...(planned.trouble !== undefined && { trouble: planned.trouble }),
    ...(time !== undefined && { dial: shown(time + lagSeconds) }),
    ...(measured.words !== undefined && { measured: measured.words }),
    picked: position,
    ...(position === seconds.length - 1 && {
      beyond: 'The last patch may not be black enough yet: make a strip that reaches further.',
    }),
    known: kept
      ? `${shown(kept.seconds)} s was found for this set-up before; it still holds.`
      : near && near.differs.length <= 3
        ? `${shown(near.finding.seconds)} s was found before, but with another ${near.differs.join(', ')}: it does not hold here.`
        : undefined,
    /** The time as it is kept for this set-up. */
    finding(foundAtMs: number): FindingBody | undefined {
      if (picked === undefined) return undefined;
      const through = setup.film === '' ? '' : ` through ${setup.film}`;
      const on = setup.paper === '' ? '' : ` on ${setup.paper}`;
      return {
        name: `Black${through}${on}`,
        kind: 'maximum-black',
        seconds: picked,
        setup,
        foundAtMs,
      };
    },
  };
}

/** The schools of the proof. */
export const schools = [
  {
    id: 'proof',
    name: 'proof as it is',
    more: 'frames show their exposure: too light is an overexposed negative',
  },
  {
    id: 'dark',
    name: 'dark proof, ½ stop more',
    more: 'read on a light table: highlights by reflection, shadows by transmission',
  },
] as const;
