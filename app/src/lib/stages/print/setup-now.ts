import {
  lightSource,
  usualLoss,
  type LightSetup,
  type LightSource,
  type LongExposureLoss,
} from '@katachron/core';
import type { Calibration } from '../../nouns/calibration/contract.ts';
import { lossOfPaper } from '../../nouns/calibration/long-times.ts';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { StandingBath } from '../../nouns/bath/standing.ts';
import type { EnlargerBody } from '../../nouns/enlarger/contract.ts';
import type { FindingBody } from '../../nouns/finding/contract.ts';
import type { PaperBody } from '../../nouns/paper/contract.ts';
import type { KeptNegative } from '../../nouns/negative/kept.ts';
import type { Print } from '../../nouns/print/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { called } from '../../words/called.ts';

/** What stands in the darkroom, and what was printed there on the same paper. */
export interface Bench {
  readonly evidence: readonly Print[];
  readonly enlargers: readonly EnlargerBody[];
  readonly papers: readonly PaperBody[];
  /** What is known of negatives, the print's own among them. */
  readonly negatives: readonly KeptNegative[];
  /** Times that strips have settled for a whole set-up. */
  readonly findings: readonly FindingBody[];
  /** Tests of what papers lose in long exposures. */
  readonly longTimes: readonly Calibration[];
  /** Baths that stand mixed. */
  readonly standing: readonly StandingBath[];
}
export const emptyBench: Bench = {
  evidence: [],
  enlargers: [],
  papers: [],
  negatives: [],
  findings: [],
  longTimes: [],
  standing: [],
};

/** Numbers of the set-up that are typed, what to type, and between what there is such a thing. */
const typedParts = {
  negativeLength: {
    sentence: 'Type a length on the negative in mm, for example 36.',
    ...{ least: 1, most: 1000 },
  },
  printLength: {
    sentence: 'Type the same length on the paper in mm, for example 240.',
    ...{ least: 1, most: 20_000 },
  },
  aperture: {
    sentence: 'Type the f-number alone, for example 8.',
    ...{ least: 0.5, most: 512 },
  },
  distance: {
    sentence: 'Type the lamp’s distance in cm, for example 150.',
    ...{ least: 1, most: 2000 },
  },
} as const;
export type TypedPart = keyof typeof typedParts;

/** The set-up now, with what is wrong in it. */
export interface SetupNow {
  readonly setup: LightSetup;
  /** What its paper loses in long exposures: by its own test, or as papers usually do. */
  readonly loss: LongExposureLoss;
  readonly source: LightSource;
  readonly enlarger?: EnlargerBody;
  readonly troubles: Partial<Record<TypedPart, string>>;
}

/** A short word for a name, so that every strip can carry it in a cookie: only sameness counts (FNV-1a, 32 bits). */
function markOf<Part extends string>(part: Part, name = ''): { [Key in Part]?: string } {
  const plain = name.trim().toLowerCase();
  if (plain === '') return {};
  let hash = 0x811c9dc5;
  for (const letter of plain) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193);
  return { [part]: (hash >>> 0).toString(36) } as { [Key in Part]?: string };
}

/** Reads the set-up that stands above the session. */
export function setupNow(
  draft: PrintDraft,
  bench: Pick<Bench, 'enlargers' | 'papers' | 'longTimes'>,
): SetupNow {
  const enlarger = called(bench.enlargers, draft.enlarger);
  const source = lightSource(enlarger?.source ?? 'enlarger');
  const paperSpeed = called(bench.papers, draft.paper)?.speed;
  const troubles: SetupNow['troubles'] = {};
  const numbers: Partial<Record<TypedPart, number>> = {};
  for (const part of Object.keys(typedParts) as TypedPart[]) {
    const typed = draft[part]?.trim() ?? '';
    if (typed === '') continue;
    const { sentence, least, most } = typedParts[part];
    const { value } = attempt(() => parseDecimal(typed, '', sentence));
    if (value !== undefined && value >= least && value <= most) numbers[part] = value;
    else troubles[part] = sentence;
  }
  return {
    setup: {
      head: draft.head,
      paper: draft.paper,
      ...numbers,
      ...(paperSpeed !== undefined && { paperSpeed }),
      ...markOf('enlarger', draft.enlarger),
      ...markOf('lens', draft.lens),
      ...markOf('developer', draft.developer),
    },
    loss: lossOfPaper(bench.longTimes, draft.paper, bench.papers)?.loss ?? usualLoss,
    source,
    troubles,
    ...(enlarger && { enlarger }),
  };
}

/** "80 mm at f/8": lens and aperture as they are written down. */
export function lensWords({ lens, aperture = '' }: Pick<PrintDraft, 'lens' | 'aperture'>): string {
  const number = aperture.trim();
  return number === '' ? lens.trim() : [lens.trim(), `f/${number}`].filter(Boolean).join(' at ');
}
