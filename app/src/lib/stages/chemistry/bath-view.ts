import { ROLL_EQUIVALENT_CM2, bathTests, type BathState, type BathVerdict } from '@katachron/core';
import { format } from 'date-fns';
import type { Bath } from '../../nouns/bath/contract.ts';
import type { BathEntry, KeptEntry } from '../../nouns/bath/ledger.ts';
import { clipTests, stateOf } from '../../nouns/bath/state.ts';
import { bathUses } from '../../nouns/bath/uses.ts';
import { capital } from '../../words/capital.ts';
import { volumeWords, type VolumeUnit } from '../../words/volume.ts';

/** A print of 20.3 × 25.4 cm (8×10 in), cm². */
const USUAL_PRINT_CM2 = 20.32 * 25.4;
const DAY_MS = 86_400_000;

/** One glance: a word, and how far it has gone as a share of a circle that is filled. */
const verdicts: Readonly<Record<BathVerdict, string>> = {
  fresh: 'Fresh',
  ageing: 'Ageing',
  spent: 'Spent',
  unknown: 'Not known',
  discarded: 'Discarded',
};

export interface EntryLine {
  readonly id: string;
  readonly at: string;
  readonly what: string;
  /** It can be taken back, by an entry of its own. */
  readonly takeBack: boolean;
}

export interface BathView {
  readonly verdict: BathVerdict;
  readonly word: string;
  /** 0 to 1, of capacity or of keeping time, whichever is further. */
  readonly gone: number;
  /** "Fixer 1+4, 2000 ml, mixed on 10 January". */
  readonly line: string;
  readonly sentences: readonly string[];
  readonly cautions: readonly string[];
  readonly entries: readonly EntryLine[];
}

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** How much film or paper a ledger's area is. */
const areaWords = (cm2: number, kind: 'film' | 'paper') =>
  kind === 'film'
    ? `${Number((cm2 / ROLL_EQUIVALENT_CM2).toFixed(2))} rolls’ worth of film`
    : `${Math.round(cm2)} cm² of paper`;

type Words<Kind extends BathEntry['kind']> = (
  entry: BathEntry & { readonly kind: Kind },
  note: string | undefined,
  ml: (volumeMl: number) => string,
) => string;

const ofArea: Words<'film' | 'paper'> = ({ kind, areaCm2 }, note) => {
  const what = areaWords(Math.abs(areaCm2), kind);
  return note ? `${note}: ${what}` : areaCm2 < 0 ? `Taken back: ${what}` : what;
};

/** How each kind of entry stands in the ledger. */
const words: { readonly [Kind in BathEntry['kind']]: Words<Kind> } = {
  film: ofArea,
  paper: ofArea,
  'topped-up': ({ volumeMl }, _note, ml) => `Topped up with ${ml(volumeMl)}`,
  replenished: ({ volumeMl }, _note, ml) => `${ml(volumeMl)} poured off, and as much fresh put in`,
  'taken-out': ({ volumeMl }, _note, ml) => `${ml(volumeMl)} taken out`,
  'handed-in': ({ volumeMl }, note, ml) => `${ml(volumeMl)} handed in${note ? `: ${note}` : ''}`,
  tested: ({ test, passed }) => {
    const { name, fails } = bathTests.find(({ id }) => id === test)!;
    return `${capital(name)}: ${passed ? 'passed' : `failed, ${fails}`}`;
  },
  discarded: () => 'Discarded',
};

const entryWords = ({ note, entry }: KeptEntry, unit: VolumeUnit): string =>
  (words[entry.kind] as Words<typeof entry.kind>)(entry as never, note, (volumeMl) =>
    volumeWords(volumeMl, unit),
  );

/** Nothing less than whole rolls and whole prints goes through a bath. */
function roomWords({ leftFilmCm2, leftPaperCm2 }: BathState): string | undefined {
  const rolls = leftFilmCm2 === undefined ? [] : [Math.floor(leftFilmCm2 / ROLL_EQUIVALENT_CM2)];
  const prints = leftPaperCm2 === undefined ? [] : [Math.floor(leftPaperCm2 / USUAL_PRINT_CM2)];
  const room = [
    ...rolls.map((count) => `${count} ${count === 1 ? 'roll' : 'rolls'}`),
    ...prints.map((count) => `${count} ${count === 1 ? 'print' : 'prints'} of 20 × 25 cm`),
  ];
  return room.length > 0 ? room.join(' or ') : undefined;
}

/** What a bath is, and how it is doing. */
export function bathView(
  bath: Bath,
  entries: readonly KeptEntry[],
  nowMs: number,
  unit: VolumeUnit,
): BathView {
  const { volumeMl, mixedAtMs } = bath;
  const clips = clipTests(bath);
  const state = stateOf(bath, entries, nowMs);
  const use = bathUses.find(({ id }) => id === bath.use)?.name;
  const line = [
    capital([use, bath.dilution].filter(Boolean).join(' ')),
    volumeMl === undefined ? '' : volumeWords(volumeMl, unit),
    `mixed on ${format(mixedAtMs, 'd MMMM yyyy')}`,
  ]
    .filter(Boolean)
    .join(', ');
  const taken = new Set(entries.flatMap(({ corrects }) => corrects ?? []));
  const lines = [...entries, ...clips]
    .sort((a, b) => b.entry.atMs - a.entry.atMs)
    .map((one): EntryLine => {
      const at = format(one.entry.atMs, 'd MMM yyyy, HH:mm');
      if ('what' in one) return { id: one.id, at, what: one.what, takeBack: false };
      const { id, corrects, entry } = one;
      const isArea = entry.kind === 'film' || entry.kind === 'paper';
      return {
        id,
        at,
        what: `${entryWords(one, unit)}${taken.has(id) ? ' (taken back)' : ''}`,
        takeBack: isArea && corrects === undefined && !taken.has(id),
      };
    });
  const base = { line, entries: lines };
  if (volumeMl === undefined || !state) {
    const gone = bath.discardedAtMs === undefined ? 'unknown' : 'discarded';
    return {
      ...base,
      ...{ verdict: gone, word: verdicts[gone], gone: 0, cautions: [] },
      sentences: ['Say how much it is, and it keeps a ledger of what goes through it.'],
    };
  }
  const { verdict, used, age, keepsUntilMs, failed } = state;
  const room = roomWords(state);
  const days = keepsUntilMs === undefined ? 0 : (keepsUntilMs - nowMs) / DAY_MS;
  const over = keepsUntilMs !== undefined && days <= 0;
  return {
    ...base,
    ...{ verdict, word: verdicts[verdict] },
    gone: Math.min(1, Math.max(used ?? 0, age ?? 0, failed.length > 0 ? 1 : 0)),
    sentences: [
      ...(used === undefined
        ? ['What it is good for is not written down: its data sheet says it.']
        : [
            `${percent(used)} of its capacity is used${used < 1 && room ? `: room for ${room}` : ''}.`,
          ]),
      ...(age === undefined || keepsUntilMs === undefined
        ? []
        : [
            over
              ? `Its keeping time was over on ${format(keepsUntilMs, 'd MMMM yyyy')}.`
              : `${percent(age)} of its keeping time is over; it keeps until ${format(keepsUntilMs, days < 2 ? 'd MMMM, HH:mm' : 'd MMMM yyyy')} if no more is taken out.`,
          ]),
      ...(Math.abs(state.volumeMl - volumeMl) > 0.5
        ? [`${volumeWords(state.volumeMl, unit)} of it are there now.`]
        : []),
    ],
    cautions: [
      ...failed.map((id) => {
        const test = bathTests.find((one) => one.id === id)!;
        return `The ${test.name} failed: ${test.fails}.`;
      }),
      ...(verdict === 'ageing'
        ? ['Near its end: try it before anything that matters goes through it.']
        : []),
      ...(verdict === 'spent'
        ? ['Spent, by what is known of it. Nothing is refused: a test decides, or a new one.']
        : []),
    ],
  };
}
