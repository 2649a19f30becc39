import { ROLL_EQUIVALENT_CM2, bathTests, type BathVerdict } from '@katachron/core';
import { format } from 'date-fns';
import { bookedHref, bookedWords } from '../../nouns/bath/booked-by.ts';
import type { Bath } from '../../nouns/bath/contract.ts';
import type { BathEntry, KeptEntry } from '../../nouns/bath/ledger.ts';
import { clipTests, stateOf } from '../../nouns/bath/state.ts';
import { bathUses } from '../../nouns/bath/uses.ts';
import { wentWords } from '../../nouns/bath/went-words.ts';
import { bathCautions, goneOf, roomWords, verdictWords } from '../../nouns/bath/words.ts';
import { capital } from '../../words/capital.ts';
import { degrees, type Unit } from '../../words/temperature.ts';
import { volumeWords, type VolumeUnit } from '../../words/volume.ts';

const DAY_MS = 86_400_000;

export interface EntryLine {
  readonly id: string;
  readonly at: string;
  readonly what: string;
  /** It can be taken back, by an entry of its own. */
  readonly takeBack: boolean;
  /** What it is about: the run or the print that booked it, or the other bottle. */
  readonly href?: string;
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
  line: KeptEntry,
  ml: (volumeMl: number) => string,
  unit: Unit,
) => string;

const ofArea: Words<'film' | 'paper'> = ({ kind, areaCm2 }, line) => {
  const what = areaWords(Math.abs(areaCm2), kind);
  const from = line.other && `Before it was split off ${line.other.name}`;
  const said = [from, line.of && bookedWords(line.of), wentWords(line), line.note]
    .filter(Boolean)
    .join(', ');
  return said ? `${said}: ${what}` : areaCm2 < 0 ? `Taken back: ${what}` : what;
};

/** How each kind of entry stands in the ledger. */
const words: { readonly [Kind in BathEntry['kind']]: Words<Kind> } = {
  film: ofArea,
  paper: ofArea,
  'topped-up': ({ volumeMl }, _line, ml) => `Topped up with ${ml(volumeMl)}`,
  replenished: ({ volumeMl }, _line, ml) => `${ml(volumeMl)} poured off, and as much fresh put in`,
  'taken-out': ({ volumeMl }, { other }, ml) =>
    `${ml(volumeMl)} taken out${other ? `, into ${other.name}` : ''}`,
  'handed-in': ({ volumeMl }, { note }, ml) =>
    `${ml(volumeMl)} handed in${note ? `: ${note}` : ''}`,
  tested: ({ test, passed }) => {
    const { name, fails } = bathTests.find(({ id }) => id === test)!;
    return `${capital(name)}: ${passed ? 'passed' : `failed, ${fails}`}`;
  },
  read: ({ temperatureC }, _line, _ml, unit) => `It read ${degrees(temperatureC, unit)}${unit}`,
  discarded: () => 'Discarded',
};

/** The units of a ledger. */
interface BathUnits {
  readonly volumeUnit: VolumeUnit;
  readonly unit: Unit;
}

/** A line in words; one that takes another back says so of it. */
function entryWords(line: KeptEntry, entries: readonly KeptEntry[], units: BathUnits): string {
  const corrected = entries.find(({ id }) => id === line.corrects);
  if (corrected) return `Taken back: ${entryWords(corrected, [], units)}`;
  const { entry } = line;
  return (words[entry.kind] as Words<typeof entry.kind>)(
    entry as never,
    line,
    (volumeMl) => volumeWords(volumeMl, units.volumeUnit),
    units.unit,
  );
}

/** What a line is about: the run or the print that booked it, or the other bottle. */
const hrefOf = ({ of, other }: KeptEntry): string | undefined =>
  of ? bookedHref(of) : other && `/chemistry/baths/${other.id}`;

/** What a bath is, and how it is doing. */
export function bathView(
  bath: Bath,
  entries: readonly KeptEntry[],
  nowMs: number,
  unit: VolumeUnit,
  degreesIn: Unit = 'C',
): BathView {
  const { volumeMl, mixedAtMs } = bath;
  const clips = clipTests(bath);
  const { value: state, trouble } = stateOf(bath, entries, nowMs) ?? {};
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
      const href = hrefOf(one);
      const isArea = entry.kind === 'film' || entry.kind === 'paper';
      return {
        id,
        at,
        what: `${entryWords(one, entries, { volumeUnit: unit, unit: degreesIn })}${taken.has(id) ? ' (taken back)' : ''}`,
        takeBack: isArea && corrects === undefined && !taken.has(id),
        ...(href && { href }),
      };
    });
  const base = { line, entries: lines };
  if (volumeMl === undefined || !state) {
    const gone = bath.discardedAtMs === undefined ? 'unknown' : 'discarded';
    return {
      ...base,
      ...{ verdict: gone, word: verdictWords[gone], gone: 0, cautions: [] },
      sentences: [trouble ?? 'Say how much it is, and it keeps a ledger of what goes through it.'],
    };
  }
  const { verdict, used, age, keepsUntilMs } = state;
  const room = roomWords(state);
  const days = keepsUntilMs === undefined ? 0 : (keepsUntilMs - nowMs) / DAY_MS;
  const over = keepsUntilMs !== undefined && days <= 0;
  return {
    ...base,
    ...{ verdict, word: verdictWords[verdict] },
    gone: goneOf(state),
    sentences: [
      ...(verdict === 'empty'
        ? ['All of it was taken out or handed in. What is put in now is fresh.']
        : used === undefined
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
      ...(verdict !== 'empty' && Math.abs(state.volumeMl - volumeMl) > 0.5
        ? [`${volumeWords(state.volumeMl, unit)} of it are there now.`]
        : []),
    ],
    cautions: bathCautions(state),
  };
}
